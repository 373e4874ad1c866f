import type { Knex } from "knex";

/** The tables, step by step. A step that has been released is never changed. */
export const migrations: Record<string, Knex.Migration> = {
  "0001-beginning": {
    async up(k) {
      await k.raw(`
create extension if not exists btree_gist;

create table houses (
  id uuid primary key default gen_random_uuid(),
  key text not null unique,
  -- The house's clock: its time was clock_house when the real clock showed clock_real, and runs at clock_rate.
  clock_house timestamptz not null default now(),
  clock_real timestamptz not null default now(),
  clock_rate double precision not null default 1,
  -- Goes up with every change of the calendars. The update of this row is what orders such changes.
  calendar_rev bigint not null default 0
);

create table house_versions (
  id uuid primary key default gen_random_uuid(),
  house_id uuid not null references houses on delete cascade,
  no int not null,
  state text not null check (state in ('draft', 'on-duty', 'past')),
  handbook jsonb not null,
  made_at timestamptz not null default now(),
  unique (house_id, no)
);
create unique index one_on_duty on house_versions (house_id) where state = 'on-duty';

create table accounts (
  id uuid primary key default gen_random_uuid(),
  house_id uuid not null references houses on delete cascade,
  name text not null,
  email text not null,
  password_hash text not null,
  role text not null check (role in ('owner', 'desk')),
  made_at timestamptz not null default now()
);
create unique index account_email on accounts (lower(email));

create table session (sid text primary key, sess json not null, expire timestamptz not null);
create index session_expire on session (expire);

create table clients (
  id uuid primary key default gen_random_uuid(),
  house_id uuid not null references houses on delete cascade,
  ext_id text,
  name text not null,
  phone text,
  email text,
  assessed boolean not null default false,
  says_so boolean not null default false,
  note text not null default '',
  answers jsonb not null default '{}',
  made_at timestamptz not null
);
create index client_phone on clients (house_id, phone);
create index client_email on clients (house_id, lower(email));
create unique index client_ext on clients (house_id, ext_id) where ext_id is not null;

create table conversations (
  id uuid primary key default gen_random_uuid(),
  house_id uuid not null references houses on delete cascade,
  version_id uuid not null references house_versions,
  line text not null,
  channel text not null,
  token_hash bytea not null,
  state jsonb not null,
  status text not null check (status in ('open', 'with-desk', 'closed')),
  outcomes text[] not null default '{}',
  client_id uuid references clients on delete set null,
  client_name text,
  page text,
  locale text,
  taken_by uuid references accounts on delete set null,
  -- Goes up with every change, so that a change made from an old reading is noticed.
  saves int not null default 0,
  started_at timestamptz not null,
  last_at timestamptz not null,
  last_real timestamptz not null default clock_timestamp()
);
create index conversation_day on conversations (house_id, started_at);
create index conversation_open on conversations (last_real) where status <> 'closed';

create table turns (
  id bigint generated always as identity primary key,
  conversation_id uuid not null references conversations on delete cascade,
  who text not null check (who in ('client', 'receptionist', 'desk', 'event')),
  said_at timestamptz not null,
  text text not null,
  ref text,
  -- What came in and what was made of it, enough to play the turn again.
  event jsonb,
  reply jsonb,
  reasons jsonb,
  openings jsonb,
  answer jsonb
);
create index turn_order on turns (conversation_id, id);
create unique index turn_ref on turns (conversation_id, ref) where ref is not null;

create table appointments (
  id uuid primary key default gen_random_uuid(),
  house_id uuid not null references houses on delete cascade,
  ext_id text,
  kind text not null check (kind in ('visit', 'session', 'place')),
  status text not null check (status in ('held', 'lapsed', 'booked', 'done', 'missed', 'cancelled')),
  session_id uuid references appointments,
  client_id uuid references clients on delete cascade,
  visitor text,
  service text not null,
  length_min int not null,
  staff text not null,
  room text,
  -- The person's and the room's time, clean-up included.
  during tstzrange not null,
  visit_end timestamptz not null,
  clean_up_min int not null default 0,
  starts timestamptz not null,
  places int not null default 1 check (places > 0),
  hold_until timestamptz,
  -- The appointment that a hold is to take the place of.
  replaces uuid references appointments,
  price_minor bigint,
  fee_minor bigint not null default 0,
  answers jsonb not null default '{}',
  made_by text not null,
  conversation_id uuid references conversations on delete set null,
  sequence int not null default 0,
  rev bigint not null,
  made_at timestamptz not null,
  constraint staff_once exclude using gist (house_id with =, staff with =, during with &&)
    where (kind <> 'place' and status in ('held', 'booked', 'done', 'missed')),
  constraint room_once exclude using gist (house_id with =, room with =, during with &&)
    where (room is not null and kind <> 'place' and status in ('held', 'booked', 'done', 'missed'))
);
create index appointment_rev on appointments (house_id, rev);
create index appointment_start on appointments (house_id, starts);
create index appointment_client on appointments (client_id, starts);
create index appointment_held on appointments (house_id, hold_until) where status = 'held';
create unique index appointment_ext on appointments (house_id, ext_id) where ext_id is not null;
create unique index session_once on appointments (house_id, service, starts) where kind = 'session' and status = 'booked';

create table absences (
  id uuid primary key default gen_random_uuid(),
  house_id uuid not null references houses on delete cascade,
  ext_id text,
  staff text,
  room text,
  during tstzrange not null,
  reason text not null default '',
  gone boolean not null default false,
  rev bigint not null
);
create index absence_rev on absences (house_id, rev);

create table slips (
  id uuid primary key default gen_random_uuid(),
  house_id uuid not null references houses on delete cascade,
  conversation_id uuid references conversations on delete cascade,
  kind text not null check (kind in ('message', 'hand-over', 'emergency', 'call-back')),
  to_whom text not null,
  text text not null,
  name text,
  phone text,
  made_at timestamptz not null,
  done_at timestamptz,
  done_by text
);
create index slip_waiting on slips (house_id, made_at) where done_at is null;

create table commands (
  house_id uuid not null references houses on delete cascade,
  ref text not null,
  answer jsonb not null,
  made_at timestamptz not null default clock_timestamp(),
  primary key (house_id, ref)
);

create table audit (
  id bigint generated always as identity primary key,
  house_id uuid not null references houses on delete cascade,
  house_time timestamptz not null,
  real_time timestamptz not null default clock_timestamp(),
  actor text not null,
  action text not null,
  subject uuid,
  detail jsonb not null default '{}'
);
create index audit_subject on audit (house_id, subject, id);

create table feeds (
  key text primary key,
  house_id uuid not null references houses on delete cascade,
  staff text
);
`);
    },
    async down(k) {
      await k.raw(
        "drop table if exists feeds, audit, commands, slips, absences, appointments, turns, conversations, clients, session, accounts, house_versions, houses cascade",
      );
    },
  },
  "0002-cheaper-turns": {
    async up(k) {
      // A conversation is saved with every message. An index on a column that each save changes would be written each
      // time; without one, and with room left on its page, a save stays in place.
      await k.raw(`
drop index conversation_open;
create index conversation_open on conversations (house_id) where status <> 'closed';
alter table conversations set (fillfactor = 60);
`);
    },
    async down(k) {
      await k.raw(`
drop index conversation_open;
create index conversation_open on conversations (last_real) where status <> 'closed';
alter table conversations reset (fillfactor);
`);
    },
  },
  "0003-drafts": {
    async up(k) {
      await k.raw(`
create table drafts (
  house_id uuid primary key references houses on delete cascade,
  handbook jsonb not null,
  -- Goes up with every change, taken back or not.
  rev int not null default 0,
  -- The version on duty that it was last the same as.
  version_id uuid references house_versions on delete set null,
  changed_at timestamptz not null default clock_timestamp()
);

create table draft_changes (
  id bigint generated always as identity primary key,
  house_id uuid not null references houses on delete cascade,
  -- The revision at which it was last made or taken back.
  rev int not null,
  account_id uuid references accounts on delete set null,
  by_name text not null,
  made_at timestamptz not null default clock_timestamp(),
  change jsonb not null,
  inverse jsonb not null,
  lines text[] not null,
  -- gone: it was taken back, and something else was written since.
  state text not null check (state in ('done', 'undone', 'gone'))
);
create index draft_change_order on draft_changes (house_id, state, id);
create index draft_change_rev on draft_changes (house_id, rev);
`);
    },
    async down(k) {
      await k.raw("drop table draft_changes, drafts");
    },
  },
  "0004-calendars": {
    async up(k) {
      await k.raw(`
alter table appointments
  -- The rooms' time, where making ready or cleaning up takes the room longer or shorter than the person.
  add column room_during tstzrange,
  add column more_rooms text[] not null default '{}',
  -- Appointments of one visit, and of one series, carry the same word.
  add column visit text,
  add column series text,
  add column fee_state text check (fee_state in ('owed', 'waived', 'paid')),
  -- Why somebody at the desk overruled the house's rules for it.
  add column overruled text;
update appointments set room_during = during, fee_state = case when fee_minor > 0 then 'owed' end;
alter table appointments alter column room_during set not null;
alter table appointments drop constraint appointments_status_check;
alter table appointments add constraint appointments_status_check check (status in ('held', 'lapsed', 'booked', 'arrived', 'done', 'missed', 'cancelled'));
alter table appointments drop constraint staff_once;
alter table appointments drop constraint room_once;
alter table appointments add constraint staff_once exclude using gist (house_id with =, staff with =, during with &&)
  where (kind <> 'place' and status in ('held', 'booked', 'arrived', 'done', 'missed'));

-- Every room and device that an appointment takes. Kept by the trigger below, whoever changes the appointment.
create table room_uses (
  appointment_id uuid not null references appointments on delete cascade,
  house_id uuid not null references houses on delete cascade,
  room text not null,
  during tstzrange not null,
  primary key (appointment_id, room),
  constraint room_once exclude using gist (house_id with =, room with =, during with &&)
);

create function keep_room_uses() returns trigger language plpgsql as $$
begin
  if new.kind <> 'place' and new.status in ('held', 'booked', 'arrived', 'done', 'missed') and (new.room is not null or new.more_rooms <> '{}') then
    if tg_op = 'UPDATE' then
      delete from room_uses where appointment_id = new.id and room is distinct from new.room and not room = any (new.more_rooms);
    end if;
    insert into room_uses (appointment_id, house_id, room, during)
      select new.id, new.house_id, r, new.room_during from unnest(array_append(new.more_rooms, new.room)) r where r is not null
      on conflict (appointment_id, room) do update set during = excluded.during where room_uses.during is distinct from excluded.during;
  elsif tg_op = 'UPDATE' then
    delete from room_uses where appointment_id = new.id;
  end if;
  return null;
end $$;
create trigger appointment_rooms after insert or update of status, room, more_rooms, room_during on appointments
  for each row execute function keep_room_uses();
insert into room_uses (appointment_id, house_id, room, during)
  select id, house_id, room, room_during from appointments
  where room is not null and kind <> 'place' and status in ('held', 'booked', 'done', 'missed');

create index appointment_series on appointments (house_id, series) where series is not null;
create index appointment_visit on appointments (house_id, visit) where visit is not null;

-- One day that differs, of the house (staff is null) or of a person.
create table single_days (
  id uuid primary key default gen_random_uuid(),
  house_id uuid not null references houses on delete cascade,
  ext_id text,
  staff text,
  day date not null,
  hours jsonb not null,
  reason text not null default '',
  gone boolean not null default false,
  rev bigint not null
);
create unique index single_day_once on single_days (house_id, coalesce(staff, ''), day) where not gone;
create index single_day_rev on single_days (house_id, rev);

alter table absences add column kind text not null default 'block' check (kind in ('block', 'time-off'));
alter table clients add column by_person_only boolean not null default false;
create extension if not exists pg_trgm;
create index client_name_words on clients using gin (name gin_trgm_ops);

alter table slips drop constraint slips_kind_check;
alter table slips add constraint slips_kind_check check (kind in ('message', 'hand-over', 'emergency', 'call-back', 'tell'));
alter table slips add column appointment_id uuid references appointments on delete cascade;
-- The audit row of the change that a client is to be told of.
alter table slips add column audit_id bigint;
create index slip_appointment on slips (appointment_id) where appointment_id is not null;
`);
    },
    async down(k) {
      await k.raw(`
drop trigger appointment_rooms on appointments;
drop function keep_room_uses;
drop table room_uses, single_days;
delete from slips where kind = 'tell';
alter table slips drop column appointment_id, drop column audit_id;
alter table slips drop constraint slips_kind_check;
alter table slips add constraint slips_kind_check check (kind in ('message', 'hand-over', 'emergency', 'call-back'));
drop index client_name_words;
alter table clients drop column by_person_only;
alter table absences drop column kind;
update appointments set status = 'booked' where status = 'arrived';
alter table appointments drop constraint appointments_status_check;
alter table appointments add constraint appointments_status_check check (status in ('held', 'lapsed', 'booked', 'done', 'missed', 'cancelled'));
alter table appointments drop constraint staff_once;
alter table appointments drop column room_during, drop column more_rooms, drop column visit, drop column series, drop column fee_state, drop column overruled;
alter table appointments add constraint staff_once exclude using gist (house_id with =, staff with =, during with &&)
  where (kind <> 'place' and status in ('held', 'booked', 'done', 'missed'));
alter table appointments add constraint room_once exclude using gist (house_id with =, room with =, during with &&)
  where (room is not null and kind <> 'place' and status in ('held', 'booked', 'done', 'missed'));
`);
    },
  },
  "0005-calls": {
    async up(k) {
      await k.raw(`
-- A telephone call: one conversation may have several, where the line was cut.
create table calls (
  id uuid primary key default gen_random_uuid(),
  house_id uuid not null references houses on delete cascade,
  conversation_id uuid not null references conversations on delete cascade,
  from_number text,
  state text not null default 'going' check (state in ('going', 'closed', 'left', 'dropped', 'too-long')),
  began_at timestamptz not null,
  -- When it began and was last heard by the real clock: a line that was cut is known by it.
  real_at timestamptz not null default clock_timestamp(),
  last_real timestamptz not null default clock_timestamp(),
  length_ms int not null default 0,
  recorded boolean not null default false,
  -- The recording is deleted then; null where there is none.
  delete_at timestamptz,
  turns jsonb not null default '[]',
  put_through_to text
);
create index call_conversation on calls (conversation_id);
create index call_number on calls (house_id, from_number, last_real) where from_number is not null;
create index call_delete on calls (delete_at) where delete_at is not null;

-- Its sound in pieces, so that a crash loses seconds: 16 kHz, 16 bit, stereo (caller left, receptionist right).
create table call_sounds (
  call_id uuid not null references calls on delete cascade,
  seq int not null,
  sound bytea not null,
  primary key (call_id, seq)
);
`);
    },
    async down(k) {
      await k.raw("drop table call_sounds, calls;");
    },
  },
  "0006-waiting-list": {
    async up(k) {
      await k.raw(`
alter table slips drop constraint slips_kind_check;
alter table slips add constraint slips_kind_check check (kind in ('message', 'hand-over', 'emergency', 'call-back', 'tell', 'waiting'));
`);
    },
    async down(k) {
      await k.raw(`
delete from slips where kind = 'waiting';
alter table slips drop constraint slips_kind_check;
alter table slips add constraint slips_kind_check check (kind in ('message', 'hand-over', 'emergency', 'call-back', 'tell'));
`);
    },
  },
};
