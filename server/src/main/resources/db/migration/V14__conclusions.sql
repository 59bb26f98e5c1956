-- How the chain hung when a saw was handed back; empty where nobody said.
alter table outing add column chain_slack boolean;

-- What keeps the account of a chain's growth while the set is apart: where the adjuster stood, how long ten links are.
alter table tension_check add column adjuster_place double precision check (adjuster_place between 0 and 60);
alter table tension_check add column ten_links_mm double precision check (ten_links_mm > 0);

-- Whether the chain moves by one finger is answered by a hand or not at all.
alter table tension_reading alter column movement drop not null;

-- The wear mark and the file belong to the loop: its maker says. Empty where he does not.
alter table chain add column wear_mark_mm double precision check (wear_mark_mm between 1 and 12);
alter table chain add column file_mm double precision check (file_mm between 3 and 8);

-- How deep stone or metal has bitten into the worst cutter of a loop in the vice.
alter table sharpening add column damage_mm double precision check (damage_mm between 0 and 6);

-- The record at the bench that found it; empty when it was seen otherwise.
alter table fault add column record_id uuid references work_record (id);
create index fault_by_record on fault (record_id);
