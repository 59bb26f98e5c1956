-- Saws of one make and model are one row's saws: settings and faults ask for the model, not for a text.
create table model (
    id uuid primary key,
    make varchar(60) not null,
    name varchar(121) not null,
    unique (make, name)
);
insert into model (id, make, name) select random_uuid(), make, model from (select distinct make, model from saw);
-- A setting of a model that no saw has any more keeps it: the first word is its make, the rest its name.
insert into model (id, make, name)
select random_uuid(), left(scope_key, locate(' ', scope_key) - 1), substring(scope_key, locate(' ', scope_key) + 1)
from (select distinct scope_key from setting_change where scope = 'MODEL'
      and not exists (select 1 from model where make || ' ' || name = scope_key));

alter table saw add column model_id uuid references model (id);
update saw set model_id = (select m.id from model m where m.make = saw.make and m.name = saw.model);
alter table saw alter column model_id set not null;
alter table saw drop column make;
alter table saw drop column model;

-- For whom a setting holds is a model or a saw, not the name of one.
alter table setting_change add column model_id uuid references model (id);
alter table setting_change add column saw_id uuid references saw (id);
update setting_change set model_id =
    (select m.id from model m where m.make || ' ' || m.name = scope_key order by m.make fetch first row only)
where scope = 'MODEL';
update setting_change set saw_id = (select s.id from saw s where s.tag = scope_key) where scope = 'SAW';
alter table setting_change drop column scope_key;
alter table setting_change alter column scope drop default;
alter table setting_change add check ((scope = 'MODEL') = (model_id is not null));
alter table setting_change add check ((scope = 'SAW') = (saw_id is not null));
