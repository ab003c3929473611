-- The settings of the one kitchen, as typed.
create table kitchen (
    id       int    not null primary key,
    version  bigint not null,
    settings json   not null
);

-- What the kitchen added to its larder, as typed; entry_id is what formulas refer to.
create table own_entry (
    id         uuid         not null primary key,
    version    bigint       not null,
    kind       varchar(20)  not null,
    entry_id   varchar(60)  not null,
    entry      json         not null,
    created_at timestamp(6) not null,
    constraint own_entry_once unique (kind, entry_id)
);

-- States that formulas had: kept before a new spell of work, or by name.
create table revision (
    id         uuid         not null primary key,
    formula_id uuid         not null,
    number     int          not null,
    name       varchar(80)  not null,
    document   json         not null,
    created_at timestamp(6) not null,
    constraint revision_formula foreign key (formula_id) references formula (id) on delete cascade,
    constraint revision_once unique (formula_id, number)
);
