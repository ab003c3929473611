-- Day plans: what the cook wrote, and the schedule that was found for it.
create table plan (
    id         uuid         not null primary key,
    version    bigint       not null,
    kitchen    varchar(40)  not null default 'own',
    write_id   uuid         null unique,
    changed_by varchar(80)  not null default '',
    name       varchar(200) not null,
    document   json         not null,
    schedule   json         null,
    begins_at  timestamp(6) null,
    created_at timestamp(6) not null,
    updated_at timestamp(6) not null,
    index plan_by_updated (kitchen, updated_at)
);
