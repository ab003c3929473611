-- What was last predicted for a formula, and by which models: when newer ones move it, the kitchen is told once.
create table kept_answer (
    formula_id  uuid         not null primary key,
    model       int          not null,
    fingerprint varchar(120) not null,
    predicted   json         null,
    computed_at timestamp(6) not null,
    constraint kept_answer_formula foreign key (formula_id) references formula (id) on delete cascade
);

-- What was stored before this was computed by the first models; the log may know what they said.
insert into kept_answer select id, 1, '', null, updated_at from formula;
