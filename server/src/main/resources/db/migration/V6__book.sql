-- The Book: when a formula was last opened, its tags, and what a cook sees of it in the list. The answer is computed anew when
-- the formula, the larder, the settings or the models have changed; losing it loses nothing.
create table book_entry (
    formula_id      uuid          not null primary key,
    opened_at       timestamp(6)  null,
    tags            varchar(400)  not null,
    formula_version bigint        not null,
    rules           varchar(80)   not null,
    tone            varchar(10)   not null,
    line            varchar(1000) not null,
    kind            varchar(20)   not null,
    served          varchar(20)   not null,
    contents        varchar(4000) not null,
    allergens       varchar(400)  not null,
    cut             json          null,
    computed_at     timestamp(6)  null,
    constraint book_entry_formula foreign key (formula_id) references formula (id) on delete cascade,
    index book_entry_by_opened (opened_at)
);
