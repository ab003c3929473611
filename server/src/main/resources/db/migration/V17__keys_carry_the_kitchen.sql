-- What belongs to something belongs to it within its kitchen: the database refuses a row that names another kitchen's, whoever
-- wrote it. And nobody's kitchen ('') has nothing.
delete r from revision r join formula f on f.id = r.formula_id where r.kitchen <> f.kitchen;
delete b from batch b join formula f on f.id = b.formula_id where b.kitchen <> f.kitchen;
delete m from making m join formula f on f.id = m.formula_id where m.kitchen <> f.kitchen;
delete l from ladder l join formula f on f.id = l.formula_id where l.kitchen <> f.kitchen;
delete k from kept_answer k join formula f on f.id = k.formula_id where k.kitchen <> f.kitchen;
delete e from book_entry e join formula f on f.id = e.formula_id where e.kitchen <> f.kitchen;
delete c from batch_change c join batch b on b.id = c.batch_id where c.kitchen <> b.kitchen;
delete p from photo p join batch b on b.id = p.batch_id where p.kitchen <> b.kitchen;
delete e from making_event e join making m on m.id = e.making_id where e.kitchen <> m.kitchen;

alter table formula add constraint formula_of_kitchen unique (kitchen, id), add constraint formula_of_somebody check (kitchen <> '');
alter table batch add constraint batch_of_kitchen unique (kitchen, id), add constraint batch_of_somebody check (kitchen <> '');
alter table making add constraint making_of_kitchen unique (kitchen, id), add constraint making_of_somebody check (kitchen <> '');
alter table plan add constraint plan_of_somebody check (kitchen <> '');
alter table own_entry add constraint own_entry_of_somebody check (kitchen <> '');
alter table kitchen_settings add constraint kitchen_settings_of_somebody check (kitchen <> '');
alter table learned_set add constraint learned_set_of_somebody check (kitchen <> '');
alter table in_use add constraint in_use_of_somebody check (kitchen <> '');
alter table calibration add constraint calibration_of_somebody check (kitchen <> '');

alter table revision drop foreign key revision_formula;
alter table revision add constraint revision_formula_of_kitchen foreign key (kitchen, formula_id) references formula (kitchen, id) on delete cascade;
alter table batch drop foreign key batch_formula;
alter table batch add constraint batch_formula_of_kitchen foreign key (kitchen, formula_id) references formula (kitchen, id) on delete restrict;
alter table making drop foreign key making_formula;
alter table making drop index making_formula;
alter table making add constraint making_formula_of_kitchen foreign key (kitchen, formula_id) references formula (kitchen, id) on delete cascade;
alter table ladder drop foreign key ladder_formula;
alter table ladder drop index ladder_formula;
alter table ladder add constraint ladder_formula_of_kitchen foreign key (kitchen, formula_id) references formula (kitchen, id) on delete cascade;
alter table kept_answer drop foreign key kept_answer_formula;
alter table kept_answer add constraint kept_answer_formula_of_kitchen foreign key (kitchen, formula_id) references formula (kitchen, id) on delete cascade;
alter table book_entry drop foreign key book_entry_formula;
alter table book_entry add constraint book_entry_formula_of_kitchen foreign key (kitchen, formula_id) references formula (kitchen, id) on delete cascade;
alter table batch_change drop foreign key batch_change_batch;
alter table batch_change add constraint batch_change_batch_of_kitchen foreign key (kitchen, batch_id) references batch (kitchen, id) on delete cascade;
alter table photo drop foreign key photo_batch;
alter table photo add constraint photo_batch_of_kitchen foreign key (kitchen, batch_id) references batch (kitchen, id) on delete cascade;
alter table making_event drop foreign key making_event_making;
alter table making_event add constraint making_event_making_of_kitchen foreign key (kitchen, making_id) references making (kitchen, id) on delete cascade;
