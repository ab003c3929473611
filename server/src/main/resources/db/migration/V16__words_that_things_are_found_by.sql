-- The words that batches and formulas are found by, each once for a kitchen, and which of them have it: a word that few have is found
-- without reading all of them. part: 0 of a batch and of a formula's name, 1 of what is in a formula and of its tags.
create table found_word (
    id      bigint       not null auto_increment primary key,
    kitchen varchar(40)  not null,
    word    varchar(700) not null,
    constraint found_word_once unique (kitchen, word)
);

create table batch_word (
    word_id  bigint  not null,
    batch_id uuid    not null,
    part     tinyint not null default 0,
    primary key (word_id, batch_id, part),
    constraint batch_word_word foreign key (word_id) references found_word (id) on delete cascade,
    constraint batch_word_batch foreign key (batch_id) references batch (id) on delete cascade
);

create table formula_word (
    word_id    bigint  not null,
    formula_id uuid    not null,
    part       tinyint not null,
    primary key (word_id, formula_id, part),
    constraint formula_word_word foreign key (word_id) references found_word (id) on delete cascade,
    constraint formula_word_formula foreign key (formula_id) references formula (id) on delete cascade
);

-- A text as an array of its words.
create temporary table old_word
select o.what, o.part, o.id, o.kitchen, left(w.word, 700) as word
from (
        select 'batch' as what, 0 as part, id, kitchen, found_by as text from batch
        union all
        select 'formula', 0, id, kitchen, lower(name) from formula
        union all
        select 'formula', 1, formula_id, kitchen, lower(concat(tags, ' ', contents)) from book_entry
    ) o,
    json_table(
        concat(
            '[',
            replace(json_quote(replace(replace(replace(replace(o.text, '\n', ' '), '\r', ' '), '\t', ' '), '|', ' ')), ' ', '","'),
            ']'),
        '$[*]' columns (word varchar(4000) path '$')) w
where w.word <> '';

insert ignore into found_word (kitchen, word) select distinct kitchen, word from old_word;
insert ignore into batch_word (word_id, batch_id, part)
select w.id, o.id, o.part from old_word o join found_word w on w.kitchen = o.kitchen and w.word = o.word
where o.what = 'batch'
order by o.id;
insert ignore into formula_word (word_id, formula_id, part)
select w.id, o.id, o.part from old_word o join found_word w on w.kitchen = o.kitchen and w.word = o.word
where o.what = 'formula'
order by o.id;

drop temporary table old_word;
