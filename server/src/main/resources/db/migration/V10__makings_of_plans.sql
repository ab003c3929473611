-- A batch that was begun from a step of a day's plan knows which dish of it it is.
alter table making
    add column plan_id   uuid        null,
    add column plan_dish varchar(60) null,
    add index making_of_plan (plan_id);
