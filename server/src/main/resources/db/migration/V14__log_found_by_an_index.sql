-- What the log lists, counts and offers is told by indexes alone: the rows of batches are wide.
update batch set found_by = left(found_by, 700) where char_length(found_by) > 700;
alter table batch
    modify found_by varchar(700) not null default '',
    add index batch_by_words (kitchen, made_on, poured_at, created_at, found_by),
    add index batch_by_day_and_outcome (kitchen, made_on, outcome),
    add index batch_by_cook (kitchen, cook, made_on);
