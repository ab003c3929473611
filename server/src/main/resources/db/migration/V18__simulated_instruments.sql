-- Whether what showed it is a stand-in, which measures nothing.
alter table instrument_reading add column simulated boolean not null default false;
