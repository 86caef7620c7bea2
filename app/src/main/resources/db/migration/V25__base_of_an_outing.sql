-- An outing may take along a kit that stands somewhere, and a module for as long as it lasts with what that kit lacks.
alter table kit add column base_place uuid;
alter table kit add column base_module uuid;
