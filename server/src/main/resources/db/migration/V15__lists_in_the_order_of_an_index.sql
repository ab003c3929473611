-- What the Book is listed by stands in the formula, so that an index has each order: a page is then read without looking at the others.
alter table formula
    add shown_at timestamp(6) not null default current_timestamp(6),
    add made_on date null,
    add worst_first tinyint not null default 5,
    add kind varchar(20) not null default '';

update formula f left join book_entry e on e.formula_id = f.id
set f.kind = coalesce(e.kind, ''),
    f.shown_at = coalesce(e.opened_at, f.updated_at),
    f.made_on = (select max(b.made_on) from batch b where b.formula_id = f.id),
    f.worst_first = case e.tone when 'unsafe' then 0 when 'bad' then 1 when 'caution' then 2 when 'unknown' then 3 when 'good' then 4 else 5 end;

alter table formula
    drop index formula_by_updated,
    add index formula_by_updated (kitchen, put_away_at, updated_at desc, id),
    add index formula_by_shown (kitchen, put_away_at, shown_at desc, id, kind, worst_first),
    add index formula_by_made (kitchen, put_away_at, made_on desc, name),
    add index formula_by_worst (kitchen, put_away_at, worst_first, name);

alter table book_entry
    drop index book_entry_by_opened,
    drop column opened_at,
    add index book_entry_by_tags (kitchen, tags);

alter table batch
    drop index batch_by_cook,
    add index batch_by_cook (kitchen, cook, made_on, poured_at, created_at),
    drop index batch_by_outcome,
    add index batch_by_outcome (kitchen, outcome, made_on, poured_at, created_at);
