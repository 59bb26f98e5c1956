-- Tanks of bar oil filled with a tank of fuel while the saw is out; empty when nobody looked.
alter table refuel add column oil_share double precision;
