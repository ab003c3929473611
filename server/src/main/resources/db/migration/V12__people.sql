-- Kitchens: everything that is stored belongs to one of them.
rename table kitchen to kitchen_settings;

create table kitchen (
    id      varchar(40)  not null primary key,
    name    varchar(80)  not null,
    made_at timestamp(6) not null
);
insert into kitchen (id, name, made_at) values ('own', 'Our kitchen', utc_timestamp(6));

alter table kitchen_settings add column kitchen varchar(40) not null default 'own' first;
alter table kitchen_settings drop primary key, drop column id, add primary key (kitchen);

alter table own_entry
    add column kitchen varchar(40) not null default 'own' after id,
    drop index own_entry_once,
    add constraint own_entry_once unique (kitchen, kind, entry_id);

alter table formula
    add column kitchen varchar(40) not null default 'own' after id,
    drop index formula_by_name, add index formula_by_name (kitchen, put_away_at, name),
    drop index formula_by_created, add index formula_by_created (kitchen, put_away_at, created_at),
    drop index formula_by_updated, add index formula_by_updated (kitchen, put_away_at, updated_at);
alter table revision add column kitchen varchar(40) not null default 'own' after id;
alter table kept_answer add column kitchen varchar(40) not null default 'own' after formula_id;
alter table book_entry
    add column kitchen varchar(40) not null default 'own' after formula_id,
    drop index book_entry_by_opened, add index book_entry_by_opened (kitchen, opened_at);
alter table making_event add column kitchen varchar(40) not null default 'own' after id;
alter table batch
    drop index batch_by_day, add index batch_by_day (kitchen, made_on, poured_at, created_at),
    drop index batch_by_outcome, add index batch_by_outcome (kitchen, outcome, made_on);

alter table in_use add column id uuid not null default uuid() first;
alter table in_use drop primary key, add primary key (id), add constraint in_use_once unique (kitchen, what);

-- People. A name is what they sign in with, kept in small letters besides so that it is given once.
create table account (
    id            uuid         not null primary key,
    version       bigint       not null,
    name          varchar(80)  not null,
    name_folded   varchar(80)  not null,
    password_hash varchar(200) null,
    made_at       timestamp(6) not null,
    constraint account_once unique (name_folded)
);

create table membership (
    id         uuid         not null primary key,
    account_id uuid         not null,
    kitchen    varchar(40)  not null,
    role       varchar(10)  not null,
    since      timestamp(6) not null,
    constraint membership_once unique (kitchen, account_id),
    constraint membership_account foreign key (account_id) references account (id) on delete cascade,
    constraint membership_kitchen foreign key (kitchen) references kitchen (id) on delete cascade
);

-- A link that lets somebody in; of its secret only the hash is kept. Used once.
create table invitation (
    id         uuid         not null primary key,
    kitchen    varchar(40)  not null,
    role       varchar(10)  not null,
    hash       char(64)     not null,
    invited_by varchar(80)  not null,
    made_at    timestamp(6) not null,
    until      timestamp(6) not null,
    used_at    timestamp(6) null,
    constraint invitation_once unique (hash),
    constraint invitation_kitchen foreign key (kitchen) references kitchen (id) on delete cascade
);

-- What ./start prints: whoever has it and sits at this machine is let into the first kitchen, once.
create table entrance_key (
    hash    char(64)     not null primary key,
    made_at timestamp(6) not null
);

-- Who changed what, when.
create table deed (
    id       bigint       not null auto_increment primary key,
    kitchen  varchar(40)  not null,
    done_by  varchar(80)  not null,
    done_at  timestamp(6) not null,
    what     varchar(40)  not null,
    of_what  varchar(200) not null,
    index deed_by_time (kitchen, done_at)
);

-- Spring Session's own tables (its MySQL schema, by the names that it asks for).
create table SPRING_SESSION (
    primary_id            char(36)     not null,
    session_id            char(36)     not null,
    creation_time         bigint       not null,
    last_access_time      bigint       not null,
    max_inactive_interval int          not null,
    expiry_time           bigint       not null,
    principal_name        varchar(100) null,
    constraint spring_session_pk primary key (primary_id),
    unique index spring_session_ix1 (session_id),
    index spring_session_ix2 (expiry_time),
    index spring_session_ix3 (principal_name)
) row_format = dynamic;

create table SPRING_SESSION_ATTRIBUTES (
    session_primary_id char(36)     not null,
    attribute_name     varchar(200) not null,
    attribute_bytes    blob         not null,
    constraint spring_session_attributes_pk primary key (session_primary_id, attribute_name),
    constraint spring_session_attributes_fk foreign key (session_primary_id) references SPRING_SESSION (primary_id) on delete cascade
) row_format = dynamic;
