-- A batch in the log can be corrected, and knows more than how it came out.
alter table batch
    add column version    bigint       not null default 0,
    add column kitchen    varchar(40)  not null default 'own',
    add column cook       varchar(80)  not null default '',
    add column found_by   varchar(1500) not null default '',
    add column making_id  uuid         null,
    add column record     json         null,
    add column changed_at timestamp(6) null,
    add index batch_by_day (made_on, poured_at, created_at),
    add index batch_by_outcome (outcome, made_on);

-- What it is found by in the log: the formula's name, cook, lots and note, in small letters.
update batch b join formula f on f.id = b.formula_id
set b.found_by = lower(concat(f.name, ' ', substring(b.note, 1, 1000)));

-- What was there before a correction.
create table batch_change (
    id         uuid         not null primary key,
    batch_id   uuid         not null,
    kitchen    varchar(40)  not null default 'own',
    changed_by varchar(80)  not null,
    changed_at timestamp(6) not null,
    earlier    json         not null,
    constraint batch_change_batch foreign key (batch_id) references batch (id) on delete cascade,
    index batch_change_by_batch (batch_id, changed_at)
);

-- The id is the client's own: sent twice, stored once.
create table photo (
    id         uuid         not null primary key,
    batch_id   uuid         not null,
    kitchen    varchar(40)  not null default 'own',
    taken_by   varchar(80)  not null,
    caption    varchar(200) not null,
    width      int          not null,
    height     int          not null,
    created_at timestamp(6) not null,
    constraint photo_batch foreign key (batch_id) references batch (id) on delete cascade,
    index photo_by_batch (batch_id, created_at)
);

-- Apart, so that a list of photos reads none of them.
create table photo_bytes (
    photo_id uuid       not null,
    small    boolean    not null,
    bytes    mediumblob not null,
    primary key (photo_id, small),
    constraint photo_bytes_photo foreign key (photo_id) references photo (id) on delete cascade
);

-- What the kitchen has accepted of what its log tells: at most one set is current; without one the handbook's numbers hold.
create table learned_set (
    id          uuid         not null primary key,
    kitchen     varchar(40)  not null default 'own',
    number      int          not null,
    current     boolean      not null,
    accepted_by varchar(80)  not null,
    accepted_at timestamp(6) not null,
    figures     json         not null,
    batches     json         not null,
    unique index learned_set_number (kitchen, number)
);

-- Which lot of a gelatin is open, and who folds: of what is learnt for many, that of one is used.
create table in_use (
    what    varchar(60) not null primary key,
    kitchen varchar(40) not null default 'own',
    which   varchar(80) not null
);

-- Cups that step one value, tasted blind. The id is the client's own: sent twice, laid out once.
create table ladder (
    id         uuid         not null primary key,
    version    bigint       not null,
    kitchen    varchar(40)  not null default 'own',
    formula_id uuid         not null,
    name       varchar(200) not null,
    made_by    varchar(80)  not null,
    made_at    timestamp(6) not null,
    shown_at   timestamp(6) null,
    layout     json         not null,
    scores     json         not null,
    constraint ladder_formula foreign key (formula_id) references formula (id) on delete cascade,
    index ladder_by_time (kitchen, made_at)
);
