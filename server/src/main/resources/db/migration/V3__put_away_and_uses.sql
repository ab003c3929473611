-- A formula with a log is put away, never deleted; what was made of it outlives it.
alter table formula add column put_away_at timestamp(6) null;
create index formula_by_name on formula (put_away_at, name);
create index formula_by_created on formula (put_away_at, created_at);
create index formula_by_updated on formula (put_away_at, updated_at);

alter table batch drop foreign key batch_formula;
alter table batch add constraint batch_formula foreign key (formula_id) references formula (id) on delete restrict;

-- What of the larder a formula uses, so that it is found without reading documents.
create table formula_use (
    formula_id uuid        not null,
    kind       varchar(20) not null,
    entry_id   varchar(60) not null,
    primary key (formula_id, kind, entry_id),
    constraint formula_use_formula foreign key (formula_id) references formula (id) on delete cascade,
    index formula_use_by_entry (kind, entry_id)
);

insert ignore into formula_use
select distinct f.id, 'ingredient', t.entry
from formula f,
     json_table(f.document, '$.components[*].lines[*]' columns (entry varchar(200) path '$.ingredient')) t
where t.entry is not null and t.entry <> '' and t.entry not like '@%' and char_length(t.entry) <= 60;

-- Documents of the first schema call the gelling agent gelatin.
insert ignore into formula_use
select distinct f.id, 'gel', coalesce(t.gel, t.gelatin)
from formula f,
     json_table(f.document, '$.components[*]'
         columns (gel varchar(200) path '$.gel.product', gelatin varchar(200) path '$.gelatin.product')) t
where coalesce(t.gel, t.gelatin) is not null and coalesce(t.gel, t.gelatin) <> ''
  and char_length(coalesce(t.gel, t.gelatin)) <= 60;

insert ignore into formula_use
select distinct f.id, 'mould', json_value(f.document, '$.mould.mould')
from formula f
where json_value(f.document, '$.mould.mould') <> '' and char_length(json_value(f.document, '$.mould.mould')) <= 60;

insert ignore into formula_use
select distinct f.id, 'cooler', json_value(f.document, '$.cooler.cooler')
from formula f
where json_value(f.document, '$.cooler.cooler') <> '' and char_length(json_value(f.document, '$.cooler.cooler')) <= 60;

insert ignore into formula_use
select distinct f.id, 'cooler', t.entry
from formula f,
     json_table(f.document, '$.cooler.places[*]' columns (entry varchar(200) path '$.place')) t
where t.entry is not null and t.entry <> '' and char_length(t.entry) <= 60;
