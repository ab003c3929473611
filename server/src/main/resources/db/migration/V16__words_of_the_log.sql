-- The words that batches are found by, each once for a kitchen, and which batches have them: a word that few have is found without
-- reading the log.
create table log_word (
    id      bigint       not null auto_increment primary key,
    kitchen varchar(40)  not null,
    word    varchar(700) not null,
    constraint log_word_once unique (kitchen, word)
);

create table batch_word (
    word_id  bigint not null,
    batch_id uuid   not null,
    primary key (word_id, batch_id),
    constraint batch_word_word foreign key (word_id) references log_word (id) on delete cascade,
    constraint batch_word_batch foreign key (batch_id) references batch (id) on delete cascade
);

create temporary table old_word
select distinct b.id as batch_id, b.kitchen, substring_index(substring_index(b.found_by, ' ', n.seq), ' ', -1) as word
from (select id, kitchen, regexp_replace(found_by, '\\s+', ' ') as found_by from batch) b
join seq_1_to_700 n on n.seq <= 1 + char_length(b.found_by) - char_length(replace(b.found_by, ' ', ''));

insert ignore into log_word (kitchen, word) select distinct kitchen, word from old_word where word <> '';
insert ignore into batch_word (word_id, batch_id)
select w.id, o.batch_id from old_word o join log_word w on w.kitchen = o.kitchen and w.word = o.word where o.word <> '';

drop temporary table old_word;
