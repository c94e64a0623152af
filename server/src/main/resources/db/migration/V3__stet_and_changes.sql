-- What the writer lets stand after a step, what a step put right, and what it changed in the file.
alter table step add column stets text not null default '';
alter table step add column put_right text not null default '';
alter table step add column changed text not null default '';
