-- Readings are kept raw, for an hour: any copy of the application serves them.
create table instrument_reading (
    instrument varchar(40)  not null,
    at         timestamp(3) not null,
    seq        bigint       not null,
    kind       varchar(20)  not null,
    reading    double       null,
    stable     boolean      not null,
    state      varchar(20)  not null,
    primary key (instrument, at, seq),
    index instrument_reading_old (at)
);

create table calibration (
    id         uuid         not null primary key,
    kitchen    varchar(40)  not null default 'own',
    instrument varchar(40)  not null,
    tried_by   varchar(80)  not null,
    tried_at   timestamp(6) not null,
    ice        double       not null,
    boil       double       null,
    boils      double       null,
    offset_k   double       not null,
    slope      double       not null,
    index calibration_of (kitchen, instrument, tried_at)
);
