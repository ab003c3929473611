create table making (
    id          uuid         not null primary key,
    kitchen     varchar(40)  not null default 'own',
    begun_by    varchar(80)  not null,
    formula_id  uuid         not null,
    name        varchar(200) not null,
    document    json         not null,
    zone        varchar(60)  not null,
    begun_at    timestamp(6) not null,
    finished_at timestamp(6) null,
    batch_id    uuid         null,
    constraint making_formula foreign key (formula_id) references formula (id) on delete cascade,
    index making_open (kitchen, finished_at, begun_at)
);

create table making_event (
    id         uuid         not null primary key,
    making_id  uuid         not null,
    happened   timestamp(6) not null,
    event      json         not null,
    stored_at  timestamp(6) not null,
    constraint making_event_making foreign key (making_id) references making (id) on delete cascade,
    index making_event_by_making (making_id, happened)
);
