-- A formula is kept as its one JSON document (docs/formula.md); version is the optimistic lock.
create table formula (
    id         uuid         not null primary key,
    version    bigint       not null,
    name       varchar(200) not null,
    document   json         not null,
    created_at timestamp(6) not null,
    updated_at timestamp(6) not null
);

-- A batch as made: the formula as it was, what was predicted and what came out.
create table batch (
    id                  uuid          not null primary key,
    formula_id          uuid          not null,
    made_on             date          not null,
    poured_at           time          not null,
    outcome             varchar(20)   not null,
    standing_mm         double,
    note                varchar(2000) not null,
    predicted           json          not null,
    document            json          not null,
    created_at          timestamp(6)  not null,
    constraint batch_formula foreign key (formula_id) references formula (id) on delete cascade,
    index batch_by_formula (formula_id, made_on, poured_at)
);

-- One row once the demo kitchen has been loaded, so that it is loaded only once.
create table demo_load (
    id        int          not null primary key,
    loaded_at timestamp(6) not null
);
