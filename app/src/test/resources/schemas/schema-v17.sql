
DO $$ BEGIN
  IF NOT EXISTS (SELECT FROM pg_roles WHERE rolname = 'ripplerest_shared') THEN CREATE ROLE ripplerest_shared NOLOGIN; END IF;
END $$;

SET statement_timeout = 0;
SET lock_timeout = 0;
SET idle_in_transaction_session_timeout = 0;
SET client_encoding = 'UTF8';
SET standard_conforming_strings = on;
SELECT pg_catalog.set_config('search_path', '', false);
SET check_function_bodies = false;
SET xmloption = content;
SET client_min_messages = warning;
SET row_security = off;

CREATE PROCEDURE public.make_own(IN t regclass)
    LANGUAGE plpgsql
    AS $$
begin
  execute format('alter table %s alter owner_id set default person_now()', t);
  execute format('alter table %s enable row level security, force row level security', t);
  execute format('create policy own on %s using (owner_id = person_now()) with check (owner_id = person_now())', t);
end $$;

CREATE FUNCTION public.person_now() RETURNS uuid
    LANGUAGE sql STABLE
    AS $$
  select coalesce(nullif(current_setting('ripplerest.person', true), ''),
                  '00000000-0000-0000-0000-000000000001')::uuid
$$;

SET default_tablespace = '';

SET default_table_access_method = heap;

CREATE TABLE public.answered_change (
    key character varying(80) NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    request character varying(64) NOT NULL,
    status integer,
    headers jsonb,
    body bytea,
    answered_at timestamp with time zone NOT NULL
);

ALTER TABLE ONLY public.answered_change FORCE ROW LEVEL SECURITY;

CREATE TABLE public.demo_load (
    loaded_at timestamp with time zone NOT NULL
);

CREATE TABLE public.drawer_item (
    id uuid NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    label character varying(80) NOT NULL,
    kind character varying(60) NOT NULL,
    colour character varying(40) NOT NULL,
    marking character varying(20) NOT NULL,
    second character varying(40) NOT NULL,
    ink integer,
    place character varying(80) NOT NULL,
    amount double precision NOT NULL,
    low double precision NOT NULL,
    use_by date,
    barbs double precision[] NOT NULL,
    length_mm double precision,
    hook_size integer,
    note character varying(400) NOT NULL,
    created_at timestamp with time zone NOT NULL,
    deleted_at timestamp with time zone,
    revision bigint NOT NULL,
    pieces boolean DEFAULT false NOT NULL,
    CONSTRAINT drawer_item_amount_check CHECK ((amount >= (0)::double precision)),
    CONSTRAINT drawer_item_low_check CHECK ((low >= (0)::double precision))
);

ALTER TABLE ONLY public.drawer_item FORCE ROW LEVEL SECURITY;

CREATE TABLE public.drawer_use (
    id uuid NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    fly_id uuid NOT NULL,
    item_id uuid,
    part character varying(60) NOT NULL,
    material character varying(60) NOT NULL,
    place integer NOT NULL,
    amount double precision NOT NULL,
    lacking double precision NOT NULL,
    given_back boolean DEFAULT false NOT NULL,
    CONSTRAINT drawer_use_amount_check CHECK ((amount >= (0)::double precision)),
    CONSTRAINT drawer_use_lacking_check CHECK ((lacking >= (0)::double precision))
);

ALTER TABLE ONLY public.drawer_use FORCE ROW LEVEL SECURITY;

CREATE TABLE public.evening_plan (
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    entry jsonb NOT NULL,
    revision bigint NOT NULL
);

ALTER TABLE ONLY public.evening_plan FORCE ROW LEVEL SECURITY;

CREATE TABLE public.fly_box (
    id uuid NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    name character varying(80) NOT NULL,
    note character varying(400) NOT NULL,
    made_at timestamp with time zone NOT NULL,
    deleted_at timestamp with time zone,
    revision bigint NOT NULL
);

ALTER TABLE ONLY public.fly_box FORCE ROW LEVEL SECURITY;

CREATE TABLE public.fly_move (
    id uuid NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    pattern character varying(60) NOT NULL,
    name character varying(80) NOT NULL,
    size integer NOT NULL,
    colouring character varying(60) NOT NULL,
    from_kind character varying(10) NOT NULL,
    from_name character varying(80) NOT NULL,
    to_kind character varying(10) NOT NULL,
    to_name character varying(80) NOT NULL,
    count integer NOT NULL,
    day date NOT NULL,
    outing_id uuid,
    fly_id uuid,
    note character varying(400) NOT NULL,
    at timestamp with time zone NOT NULL
);

ALTER TABLE ONLY public.fly_move FORCE ROW LEVEL SECURITY;

CREATE TABLE public.fly_picture (
    fly_id uuid NOT NULL,
    type character varying(20) NOT NULL,
    bytes bytea NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL
);

ALTER TABLE ONLY public.fly_picture FORCE ROW LEVEL SECURITY;

CREATE TABLE public.flyway_schema_history (
    installed_rank integer NOT NULL,
    version character varying(50),
    description character varying(200) NOT NULL,
    type character varying(20) NOT NULL,
    script character varying(1000) NOT NULL,
    checksum integer,
    installed_by character varying(100) NOT NULL,
    installed_on timestamp without time zone DEFAULT now() NOT NULL,
    execution_time integer NOT NULL,
    success boolean NOT NULL
);

CREATE TABLE public.house_style (
    id character varying(60) NOT NULL,
    label character varying(60) NOT NULL,
    copy_of character varying(60) NOT NULL,
    rules jsonb NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    deleted_at timestamp with time zone
);

ALTER TABLE ONLY public.house_style FORCE ROW LEVEL SECURITY;

CREATE TABLE public.kept_answer (
    key text NOT NULL,
    answer bytea NOT NULL,
    bytes integer NOT NULL,
    used_at timestamp with time zone NOT NULL
);
ALTER TABLE ONLY public.kept_answer ALTER COLUMN answer SET STORAGE EXTERNAL;

CREATE TABLE public.learnt (
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    id character varying(80) NOT NULL,
    tests integer NOT NULL,
    draws jsonb NOT NULL,
    told jsonb NOT NULL,
    in_use boolean NOT NULL,
    learnt_at timestamp with time zone NOT NULL
);

ALTER TABLE ONLY public.learnt FORCE ROW LEVEL SECURITY;

CREATE TABLE public.logged_fly (
    id uuid NOT NULL,
    pattern_id uuid,
    name character varying(80) NOT NULL,
    hook_size integer NOT NULL,
    tied_at timestamp with time zone NOT NULL,
    entry jsonb NOT NULL,
    revision bigint NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    deleted_at timestamp with time zone
);

ALTER TABLE ONLY public.logged_fly FORCE ROW LEVEL SECURITY;

CREATE TABLE public.outing (
    id uuid NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    name character varying(80) NOT NULL,
    day date NOT NULL,
    entry jsonb NOT NULL,
    deleted_at timestamp with time zone,
    revision bigint NOT NULL
);

ALTER TABLE ONLY public.outing FORCE ROW LEVEL SECURITY;

CREATE TABLE public.own_hook (
    id uuid NOT NULL,
    name character varying(80) NOT NULL,
    size integer NOT NULL,
    shape character varying(20) NOT NULL,
    shank_mm double precision NOT NULL,
    gap_mm double precision NOT NULL,
    wire_mm double precision NOT NULL,
    eye_mm double precision NOT NULL,
    ten_mg double precision,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    deleted_at timestamp with time zone
);

ALTER TABLE ONLY public.own_hook FORCE ROW LEVEL SECURITY;

CREATE TABLE public.own_material_value (
    material character varying(60) NOT NULL,
    label character varying(80) NOT NULL,
    property character varying(30) NOT NULL,
    value double precision NOT NULL,
    spread double precision NOT NULL,
    kind character varying(20) NOT NULL,
    source character varying(300) NOT NULL,
    place integer NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    deleted_at timestamp with time zone
);

ALTER TABLE ONLY public.own_material_value FORCE ROW LEVEL SECURITY;

CREATE TABLE public.pattern (
    id uuid NOT NULL,
    name character varying(80) NOT NULL,
    style character varying(60) NOT NULL,
    hook_size integer NOT NULL,
    document jsonb NOT NULL,
    revision bigint NOT NULL,
    created_at timestamp with time zone NOT NULL,
    updated_at timestamp with time zone NOT NULL,
    deleted_at timestamp with time zone,
    natural_insect character varying(80) DEFAULT ''::character varying NOT NULL,
    hook_shape character varying(20) DEFAULT ''::character varying NOT NULL,
    materials text[] DEFAULT '{}'::text[] NOT NULL,
    words text DEFAULT ''::text NOT NULL,
    posture character varying(20),
    archived_at timestamp with time zone,
    search tsvector GENERATED ALWAYS AS (to_tsvector('simple'::regconfig, words)) STORED,
    step integer DEFAULT 0 NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    posture_tries integer DEFAULT 0 NOT NULL,
    favourite boolean DEFAULT false NOT NULL
);

ALTER TABLE ONLY public.pattern FORCE ROW LEVEL SECURITY;

CREATE TABLE public.pattern_step (
    pattern_id uuid NOT NULL,
    number integer NOT NULL,
    name character varying(200) NOT NULL,
    document jsonb NOT NULL,
    made_at timestamp with time zone NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL
);

ALTER TABLE ONLY public.pattern_step FORCE ROW LEVEL SECURITY;

CREATE TABLE public.person (
    id uuid NOT NULL,
    name character varying(80) NOT NULL,
    created_at timestamp with time zone NOT NULL
);

CREATE TABLE public.practice_exercise (
    id uuid NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    sitting uuid NOT NULL,
    person character varying(80) NOT NULL,
    counts boolean NOT NULL,
    skill character varying(90) NOT NULL,
    key jsonb NOT NULL,
    asked_at timestamp with time zone NOT NULL,
    said jsonb
);

ALTER TABLE ONLY public.practice_exercise FORCE ROW LEVEL SECURITY;

CREATE TABLE public.practice_trial (
    id uuid NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    person character varying(80) NOT NULL,
    skill character varying(90) NOT NULL,
    at timestamp with time zone NOT NULL,
    level double precision NOT NULL,
    choices integer NOT NULL,
    correct boolean NOT NULL,
    off double precision NOT NULL
);

ALTER TABLE ONLY public.practice_trial FORCE ROW LEVEL SECURITY;

CREATE TABLE public.step_time (
    id uuid NOT NULL,
    kind character varying(40) NOT NULL,
    ratio double precision NOT NULL,
    timed_at timestamp with time zone NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL
);

ALTER TABLE ONLY public.step_time FORCE ROW LEVEL SECURITY;

CREATE TABLE public.tank_picture (
    test_id uuid NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    type character varying(20) NOT NULL,
    bytes bytea NOT NULL
);

ALTER TABLE ONLY public.tank_picture FORCE ROW LEVEL SECURITY;

CREATE TABLE public.tank_test (
    id uuid NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    fly_id uuid NOT NULL,
    made_at timestamp with time zone NOT NULL,
    entry jsonb NOT NULL,
    deleted_at timestamp with time zone,
    revision bigint NOT NULL
);

ALTER TABLE ONLY public.tank_test FORCE ROW LEVEL SECURITY;

CREATE SEQUENCE public.tying_revision
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;

CREATE TABLE public.tying (
    pattern_id uuid NOT NULL,
    seconds jsonb NOT NULL,
    changed_at timestamp with time zone NOT NULL,
    owner_id uuid DEFAULT public.person_now() NOT NULL,
    revision bigint DEFAULT nextval('public.tying_revision'::regclass) NOT NULL,
    step_key character varying(100) DEFAULT ''::character varying NOT NULL
);

ALTER TABLE ONLY public.tying FORCE ROW LEVEL SECURITY;

INSERT INTO public.demo_load VALUES ('2026-11-29 20:06:45.798975+00');

INSERT INTO public.drawer_item VALUES ('51d3f284-d1f1-46ab-84a5-56cd40ba32e1', '00000000-0000-0000-0000-000000000001', 'Badger neck', 'dry-hackle', 'brown', 'DARK_CENTRE', 'black', NULL, 'blue tin, left', 15, 4, NULL, '{6,7,8,9.5}', 60, NULL, '', '2026-11-29 20:06:51.047686+00', NULL, 0, false);
INSERT INTO public.drawer_item VALUES ('0f777fe5-f557-4197-b06e-09f65d2b24e3', '00000000-0000-0000-0000-000000000001', 'Amber body yarn', 'body-yarn', 'amber', 'PLAIN', '', NULL, 'thread rack', 4, 1, NULL, '{}', NULL, NULL, '', '2026-11-29 20:06:51.047686+00', NULL, 0, false);
INSERT INTO public.drawer_item VALUES ('14a8f7cc-0ec9-4265-a90c-c328c07aa007', '00000000-0000-0000-0000-000000000001', 'Barred brown legs', 'rubber', 'brown', 'BARRED', '', NULL, 'shallow tray', 2.2, 0.5, NULL, '{}', NULL, NULL, '', '2026-11-29 20:06:51.047686+00', NULL, 0, false);

INSERT INTO public.evening_plan VALUES ('00000000-0000-0000-0000-000000000001', '{"why": ["All on one thread one after the other, most of them on waterproofed tying thread: saves 5 changes of thread, 3 minutes.", "All of one kind together, so that hooks and materials are laid out once: saves 10 minutes.", "Feathers are sorted and hair is stacked once an evening for all that ask for it: saves 68 minutes."], "left": [], "slots": [{"fly": null, "want": "quills", "pinned": false, "evening": "first"}, {"fly": null, "want": "quills", "pinned": false, "evening": "first"}, {"fly": null, "want": "quills", "pinned": false, "evening": "first"}, {"fly": null, "want": "65aefc70-7648-4379-b457-eff64bd3dba7", "pinned": false, "evening": "first"}, {"fly": null, "want": "65aefc70-7648-4379-b457-eff64bd3dba7", "pinned": false, "evening": "first"}, {"fly": null, "want": "65aefc70-7648-4379-b457-eff64bd3dba7", "pinned": false, "evening": "first"}, {"fly": null, "want": "65aefc70-7648-4379-b457-eff64bd3dba7", "pinned": false, "evening": "first"}, {"fly": null, "want": "65aefc70-7648-4379-b457-eff64bd3dba7", "pinned": false, "evening": "first"}, {"fly": null, "want": "65aefc70-7648-4379-b457-eff64bd3dba7", "pinned": false, "evening": "first"}, {"fly": null, "want": "3a52669f-ec86-449a-b25b-2b6f5a98db6b", "pinned": false, "evening": "second"}, {"fly": null, "want": "3a52669f-ec86-449a-b25b-2b6f5a98db6b", "pinned": false, "evening": "second"}, {"fly": null, "want": "3a52669f-ec86-449a-b25b-2b6f5a98db6b", "pinned": false, "evening": "second"}, {"fly": null, "want": "3a52669f-ec86-449a-b25b-2b6f5a98db6b", "pinned": false, "evening": "second"}, {"fly": null, "want": "3a52669f-ec86-449a-b25b-2b6f5a98db6b", "pinned": false, "evening": "second"}, {"fly": null, "want": "3a52669f-ec86-449a-b25b-2b6f5a98db6b", "pinned": false, "evening": "second"}, {"fly": null, "want": "drakes", "pinned": false, "evening": "second"}, {"fly": null, "want": "drakes", "pinned": false, "evening": "second"}, {"fly": null, "want": "drakes", "pinned": false, "evening": "second"}], "wants": [{"id": "3a52669f-ec86-449a-b25b-2b6f5a98db6b", "due": "2026-12-12", "from": "2026-11-29", "count": 6, "flies": {"name": "Rush Sedge", "size": 12, "pattern": "063e113d-979d-496a-a586-91fb96ae8e18", "colouring": ""}, "worth": 10, "outing": "46c6a54c-ef26-42c3-b5c0-48e75e58d78e"}, {"id": "65aefc70-7648-4379-b457-eff64bd3dba7", "due": "2026-12-12", "from": "2026-11-29", "count": 6, "flies": {"name": "Slate Shuttle", "size": 16, "pattern": "eaafdfba-4e0a-4673-a520-c6b17c5b8fb8", "colouring": ""}, "worth": 10, "outing": "46c6a54c-ef26-42c3-b5c0-48e75e58d78e"}, {"id": "drakes", "due": "2026-12-12", "from": "2026-11-29", "count": 3, "flies": {"name": "Small Drake", "size": 12, "pattern": "5a79dcbe-86a5-4fdb-a4b8-592ea84fe334", "colouring": ""}, "worth": 10, "outing": ""}, {"id": "quills", "due": "2026-12-05", "from": "2026-11-29", "count": 3, "flies": {"name": "Ember Quill", "size": 16, "pattern": "a12cf1d9-e813-4d9a-bc17-0bc27602b28e", "colouring": ""}, "worth": 10, "outing": ""}], "byStock": false, "evenings": [{"id": "first", "day": "2026-11-30", "from": "19:30:00", "minutes": 75}, {"id": "second", "day": "2026-12-04", "from": "19:30:00", "minutes": 90}], "plannedOf": "[FreeEvening[id=first, day=2026-11-30, from=19:30, minutes=75], FreeEvening[id=second, day=2026-12-04, from=19:30, minutes=90]] [Want[id=3a52669f-ec86-449a-b25b-2b6f5a98db6b, flies=Flies[pattern=063e113d-979d-496a-a586-91fb96ae8e18, name=Rush Sedge, size=12, colouring=], count=6, outing=46c6a54c-ef26-42c3-b5c0-48e75e58d78e, from=2026-11-29, due=2026-12-12, worth=10], Want[id=65aefc70-7648-4379-b457-eff64bd3dba7, flies=Flies[pattern=eaafdfba-4e0a-4673-a520-c6b17c5b8fb8, name=Slate Shuttle, size=16, colouring=], count=6, outing=46c6a54c-ef26-42c3-b5c0-48e75e58d78e, from=2026-11-29, due=2026-12-12, worth=10], Want[id=drakes, flies=Flies[pattern=5a79dcbe-86a5-4fdb-a4b8-592ea84fe334, name=Small Drake, size=12, colouring=], count=3, outing=, from=2026-11-29, due=2026-12-12, worth=10], Want[id=quills, flies=Flies[pattern=a12cf1d9-e813-4d9a-bc17-0bc27602b28e, name=Ember Quill, size=16, colouring=], count=3, outing=, from=2026-11-29, due=2026-12-05, worth=10]] false"}', 2);

INSERT INTO public.fly_box VALUES ('868c3295-06ad-4fda-808a-59f7a819fb5d', '00000000-0000-0000-0000-000000000001', 'The hut''s box', 'On the shelf over the bench; what is tied comes in here.', '2026-11-29 20:06:46.034614+00', NULL, 0);
INSERT INTO public.fly_box VALUES ('bbd9662e-da31-40e3-8c20-d6c8b0052877', '00000000-0000-0000-0000-000000000001', 'Vest', 'Two rows, for one day.', '2026-11-29 20:06:46.045164+00', NULL, 0);

INSERT INTO public.fly_move VALUES ('2b2e7f77-9abe-40a6-9068-aeea33ae98f4', '00000000-0000-0000-0000-000000000001', '7c256b5e-5af3-4f92-b1fc-f1e40addb883', 'Lantern Dun', 14, '', 'VISE', '', 'BOX', '868c3295-06ad-4fda-808a-59f7a819fb5d', 1, '2026-09-12', NULL, 'c62177b4-97e4-4bd3-afb2-03de197883b1', '', '2026-09-12 19:04:00+00');
INSERT INTO public.fly_move VALUES ('b629853c-3628-496a-822b-8ee846a4ab26', '00000000-0000-0000-0000-000000000001', '71718efe-fc78-43c4-a795-dd4667c08596', 'Bridge Shuttle', 12, '', 'VISE', '', 'BOX', '868c3295-06ad-4fda-808a-59f7a819fb5d', 1, '2026-10-18', NULL, '1483f665-6908-45a5-a2d5-e6a4718e2438', '', '2026-10-18 19:48:00+00');
INSERT INTO public.fly_move VALUES ('2ec5360f-480d-44b0-9771-fb8845099ac8', '00000000-0000-0000-0000-000000000001', '7c256b5e-5af3-4f92-b1fc-f1e40addb883', 'Lantern Dun', 14, '', 'VISE', '', 'BOX', '868c3295-06ad-4fda-808a-59f7a819fb5d', 6, '2026-11-17', NULL, NULL, 'Counted when the boxes were begun.', '2026-11-29 20:06:51.127583+00');
INSERT INTO public.fly_move VALUES ('2166e357-82f0-4448-bb50-71f094401581', '00000000-0000-0000-0000-000000000001', '9cd1ef3e-184e-45a1-8bbc-67b78ad2a1be', 'Willow Skate', 14, '', 'VISE', '', 'BOX', 'bbd9662e-da31-40e3-8c20-d6c8b0052877', 5, '2026-11-17', NULL, NULL, 'Counted when the boxes were begun.', '2026-11-29 20:06:51.132205+00');
INSERT INTO public.fly_move VALUES ('e64e625a-1184-49f9-92a9-d7a958cf034f', '00000000-0000-0000-0000-000000000001', '063e113d-979d-496a-a586-91fb96ae8e18', 'Rush Sedge', 12, '', 'VISE', '', 'BOX', 'bbd9662e-da31-40e3-8c20-d6c8b0052877', 4, '2026-11-17', NULL, NULL, 'Counted when the boxes were begun.', '2026-11-29 20:06:51.135872+00');
INSERT INTO public.fly_move VALUES ('56916551-b52b-4e7c-beaf-f949ce6d4e89', '00000000-0000-0000-0000-000000000001', '7c256b5e-5af3-4f92-b1fc-f1e40addb883', 'Lantern Dun', 14, '', 'BOX', '868c3295-06ad-4fda-808a-59f7a819fb5d', 'BOX', 'bbd9662e-da31-40e3-8c20-d6c8b0052877', 4, '2026-11-17', NULL, NULL, 'Counted when the boxes were begun.', '2026-11-29 20:06:51.140914+00');
INSERT INTO public.fly_move VALUES ('8f38898d-13a4-4700-ae59-5f21f624d6b8', '00000000-0000-0000-0000-000000000001', '7c256b5e-5af3-4f92-b1fc-f1e40addb883', 'Lantern Dun', 14, '', 'BOX', '868c3295-06ad-4fda-808a-59f7a819fb5d', 'LENT', 'the Tuesday party', 2, '2026-11-20', NULL, NULL, 'Counted when the boxes were begun.', '2026-11-29 20:06:51.143742+00');
INSERT INTO public.fly_move VALUES ('98a9bc8d-eaf2-4411-8dae-af4882e6517f', '00000000-0000-0000-0000-000000000001', '7c256b5e-5af3-4f92-b1fc-f1e40addb883', 'Lantern Dun', 14, '', 'BOX', '868c3295-06ad-4fda-808a-59f7a819fb5d', 'LOST', '', 1, '2026-11-20', '816b3d28-62de-4deb-8527-a5c018c137c3', NULL, 'The weir pool', '2026-11-29 20:06:51.230166+00');
INSERT INTO public.fly_move VALUES ('219d5fc2-e31d-4b22-b3d3-2a8b4e459bd5', '00000000-0000-0000-0000-000000000001', '063e113d-979d-496a-a586-91fb96ae8e18', 'Rush Sedge', 12, '', 'BOX', 'bbd9662e-da31-40e3-8c20-d6c8b0052877', 'LOST', '', 1, '2026-11-20', '816b3d28-62de-4deb-8527-a5c018c137c3', NULL, 'The weir pool', '2026-11-29 20:06:51.252238+00');
INSERT INTO public.fly_move VALUES ('13fd794f-adbb-4f83-b604-c56e725f1a7a', '00000000-0000-0000-0000-000000000001', '063e113d-979d-496a-a586-91fb96ae8e18', 'Rush Sedge', 12, '', 'BOX', 'bbd9662e-da31-40e3-8c20-d6c8b0052877', 'CHEWED', '', 1, '2026-11-20', '816b3d28-62de-4deb-8527-a5c018c137c3', NULL, 'The weir pool', '2026-11-29 20:06:51.260741+00');

INSERT INTO public.flyway_schema_history VALUES (1, '1', 'patterns', 'SQL', 'V1__patterns.sql', 1718154832, 'ripplerest', '2026-11-29 20:06:37.705154', 20, true);
INSERT INTO public.flyway_schema_history VALUES (2, '2', 'hooks and house schools', 'SQL', 'V2__hooks_and_house_schools.sql', -1078990986, 'ripplerest', '2026-11-29 20:06:37.785519', 18, true);
INSERT INTO public.flyway_schema_history VALUES (3, '3', 'book', 'SQL', 'V3__book.sql', -1077030432, 'ripplerest', '2026-11-29 20:06:37.831645', 31, true);
INSERT INTO public.flyway_schema_history VALUES (4, '4', 'steps', 'SQL', 'V4__steps.sql', 1823837249, 'ripplerest', '2026-11-29 20:06:37.879191', 8, true);
INSERT INTO public.flyway_schema_history VALUES (5, '5', 'log', 'SQL', 'V5__log.sql', 346929767, 'ripplerest', '2026-11-29 20:06:37.903241', 45, true);
INSERT INTO public.flyway_schema_history VALUES (6, '6', 'owners and what was deleted', 'SQL', 'V6__owners_and_what_was_deleted.sql', -421852419, 'ripplerest', '2026-11-29 20:06:37.965515', 60, true);
INSERT INTO public.flyway_schema_history VALUES (7, '7', 'favourites', 'SQL', 'V7__favourites.sql', 1090588728, 'ripplerest', '2026-11-29 20:06:38.059253', 3, true);
INSERT INTO public.flyway_schema_history VALUES (8, '8', 'styles', 'SQL', 'V8__styles.sql', 1897054673, 'ripplerest', '2026-11-29 20:06:38.071564', 7, true);
INSERT INTO public.flyway_schema_history VALUES (9, '8.1', 'places on the vise', 'JDBC', 'ripplerest.app.log.PlacesOnTheVise', NULL, 'ripplerest', '2026-11-29 20:06:38.099578', 9, true);
INSERT INTO public.flyway_schema_history VALUES (10, '9', 'documents in version 3', 'JDBC', 'ripplerest.app.patterns.DocumentsInVersionThree', NULL, 'ripplerest', '2026-11-29 20:06:38.125781', 6, true);
INSERT INTO public.flyway_schema_history VALUES (11, '10', 'kept answers', 'SQL', 'V10__kept_answers.sql', -779948591, 'ripplerest', '2026-11-29 20:06:38.142219', 7, true);
INSERT INTO public.flyway_schema_history VALUES (12, '11', 'colours are searched', 'SQL', 'V11__colours_are_searched.sql', 941288165, 'ripplerest', '2026-11-29 20:06:38.157216', 2, true);
INSERT INTO public.flyway_schema_history VALUES (13, '12', 'drawer', 'SQL', 'V12__drawer.sql', -932775154, 'ripplerest', '2026-11-29 20:06:38.168616', 17, true);
INSERT INTO public.flyway_schema_history VALUES (14, '13', 'pieces', 'SQL', 'V13__pieces.sql', 296458584, 'ripplerest', '2026-11-29 20:06:38.204461', 4, true);
INSERT INTO public.flyway_schema_history VALUES (15, '14', 'tests', 'SQL', 'V14__tests.sql', 503649113, 'ripplerest', '2026-11-29 20:06:38.221328', 19, true);
INSERT INTO public.flyway_schema_history VALUES (16, '15', 'boxes outings evenings', 'SQL', 'V15__boxes_outings_evenings.sql', 1985931747, 'ripplerest', '2026-11-29 20:06:38.259447', 23, true);
INSERT INTO public.flyway_schema_history VALUES (17, '16', 'practice', 'SQL', 'V16__practice.sql', -378114425, 'ripplerest', '2026-11-29 23:22:54.695588', 18, true);
INSERT INTO public.flyway_schema_history VALUES (18, '17', 'own rows', 'SQL', 'V17__own_rows.sql', -101255449, 'ripplerest', '2026-11-29 23:22:54.752713', 21, true);

INSERT INTO public.logged_fly VALUES ('c62177b4-97e4-4bd3-afb2-03de197883b1', '7c256b5e-5af3-4f92-b1fc-f1e40addb883', 'Lantern Dun', 14, '2026-09-12 19:04:00+00', '{"id": "c62177b4-97e4-4bd3-afb2-03de197883b1", "made": [{"part": "tail", "unit": "mm", "error": 0.2, "field": "length", "value": 9.3, "planned": 9.605000000000002}, {"part": "upright-wing", "unit": "mm", "error": 0.2, "field": "length", "value": 8.0, "planned": 7.400000000000001}, {"part": "collar-hackle", "unit": "turns", "error": 0.25, "field": "turns", "value": 6.0, "planned": 5.0}], "notes": "For the hut''s box.", "massMg": 0.0, "tiedAt": "2026-09-12T19:04:00Z", "seconds": 1159.0, "document": {"format": "ripple-rest/pattern", "pattern": {"for": "first evenings of those who have fished lakes only", "hook": {"barb": true, "size": 14, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Lantern Dun", "asked": "The one fly to begin with.", "notes": "Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.", "parts": [{"part": "tail", "count": 8, "splay": 30, "colour": {"name": "medium dun"}, "length": {"rule": "hook-length", "factor": 1}, "material": "tail-barb"}, {"part": "body", "wires": 2.4, "colour": {"name": "brown olive"}, "material": "dry-dubbing"}, {"part": "upright-wing", "apart": 30, "colour": {"name": "slate"}, "length": {"rule": "shank", "factor": 1}, "material": "wing-tips"}, {"barb": {"rule": "gap", "factor": 1.75}, "clip": {"rule": "gap", "factor": 0.45}, "part": "collar-hackle", "trim": "full", "turns": 5, "colour": {"name": "medium dun"}, "feather": 0, "material": "dry-hackle"}], "steps": [{"do": "wind collar-hackle", "note": "Guests crowd the head here: stop a turn early."}], "style": "upright-collar", "natural": "autumn dun", "colourings": [{"name": "spring, pale", "parts": [{"part": "body", "colour": {"name": "pale olive"}}, {"part": "collar-hackle", "colour": {"name": "pale dun"}}]}, {"name": "late, claret", "parts": [{"part": "body", "colour": {"name": "claret"}}, {"part": "collar-hackle", "colour": {"name": "dark dun"}}]}]}, "version": 3, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}, "photograph": null}', 1, '00000000-0000-0000-0000-000000000001', NULL);
INSERT INTO public.logged_fly VALUES ('1483f665-6908-45a5-a2d5-e6a4718e2438', '71718efe-fc78-43c4-a795-dd4667c08596', 'Bridge Shuttle', 12, '2026-10-18 19:48:00+00', '{"id": "1483f665-6908-45a5-a2d5-e6a4718e2438", "made": [{"part": "rib", "unit": "turns", "error": 0.25, "field": "turns", "value": 5.0, "planned": 5.0}, {"part": "folded-shuttle", "unit": "mm", "error": 0.2, "field": "length", "value": 4.6, "planned": 4.25}], "notes": "Second try, the first wing rolled.", "massMg": 0.0, "tiedAt": "2026-10-18T19:48:00Z", "seconds": 960.0, "document": {"format": "ripple-rest/pattern", "pattern": {"hook": {"barb": true, "size": 12, "shape": "curved", "wireSteps": 0, "lengthSteps": 0}, "name": "Bridge Shuttle", "notes": "For olives under the road bridge, fished in the slack behind the second arch.", "parts": [{"part": "rib", "turns": 5, "colour": {"name": "gold"}, "material": "wire"}, {"part": "body", "wires": 1.5, "colour": {"name": "olive"}, "material": "biot"}, {"part": "folded-shuttle", "count": 5, "colour": {"name": "natural dun"}, "length": {"rule": "shank", "factor": 0.5}, "material": "soft-plume"}], "style": "folded-shuttle", "natural": "olive dun"}, "version": 3, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}, "photograph": null}', 0, '00000000-0000-0000-0000-000000000001', NULL);

INSERT INTO public.outing VALUES ('816b3d28-62de-4deb-8527-a5c018c137c3', '00000000-0000-0000-0000-000000000001', 'The weir pool', '2026-11-20', '{"lives": [], "outing": {"day": "2026-11-20", "from": "15:00:00", "name": "The weir pool", "boxes": [], "hours": 4.0, "notes": "", "water": "GLIDE", "people": 1, "wanted": [{"count": 0, "flies": {"name": "Lantern Dun", "size": 14, "pattern": "7c256b5e-5af3-4f92-b1fc-f1e40addb883", "colouring": ""}, "share": 0.6}, {"count": 0, "flies": {"name": "Rush Sedge", "size": 12, "pattern": "063e113d-979d-496a-a586-91fb96ae8e18", "colouring": ""}, "share": 0.4}], "naturals": [{"order": "MAYFLY", "shade": "olive", "stage": "ADULT", "words": "duns from four on", "bodyMm": 7.5}, {"order": "SEDGE", "shade": "tan", "stage": "ADULT", "words": "sedges at dusk", "bodyMm": 9.0}], "heaviestG": 450.0, "competition": false, "fishPerHour": 2.0}, "report": [{"fish": 4, "lost": 1, "flies": {"name": "Lantern Dun", "size": 14, "pattern": "7c256b5e-5af3-4f92-b1fc-f1e40addb883", "colouring": ""}, "hours": 2.5, "chewed": 0, "worked": "Took them in the tail of the pool."}, {"fish": 2, "lost": 1, "flies": {"name": "Rush Sedge", "size": 12, "pattern": "063e113d-979d-496a-a586-91fb96ae8e18", "colouring": ""}, "hours": 1.5, "chewed": 1, "worked": "Only after sunset."}]}', NULL, 1);
INSERT INTO public.outing VALUES ('4f22da52-037d-4142-8f3c-8f94636ba643', '00000000-0000-0000-0000-000000000001', 'The weir pool again', '2026-12-05', '{"lives": [], "outing": {"day": "2026-12-05", "from": "15:00:00", "name": "The weir pool again", "boxes": [], "hours": 4.0, "notes": "", "water": "GLIDE", "people": 1, "wanted": [{"count": 0, "flies": {"name": "Lantern Dun", "size": 14, "pattern": "7c256b5e-5af3-4f92-b1fc-f1e40addb883", "colouring": ""}, "share": 0.6}, {"count": 0, "flies": {"name": "Willow Skate", "size": 14, "pattern": "9cd1ef3e-184e-45a1-8bbc-67b78ad2a1be", "colouring": ""}, "share": 0.4}], "naturals": [{"order": "MAYFLY", "shade": "olive", "stage": "ADULT", "words": "duns from four on", "bodyMm": 7.5}, {"order": "SEDGE", "shade": "tan", "stage": "ADULT", "words": "sedges at dusk", "bodyMm": 9.0}], "heaviestG": 450.0, "competition": false, "fishPerHour": 2.0}, "report": []}', NULL, 0);

INSERT INTO public.pattern VALUES ('9cd1ef3e-184e-45a1-8bbc-67b78ad2a1be', 'Willow Skate', 'parachute', 14, '{"format": "ripple-rest/pattern", "pattern": {"for": "a guest who cannot see white against the glare", "hook": {"barb": true, "size": 14, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Willow Skate", "asked": "A post that shows, on a fly that sits like the others.", "notes": "The box''s most borrowed fly. A pink post for those who cannot see a white one against the glare of Lower Saddlewater.", "parts": [{"part": "tail", "count": 6, "splay": 30, "colour": {"name": "pale ginger"}, "length": {"rule": "hook-length", "factor": 1.05}, "material": "tail-barb"}, {"part": "body", "wires": 2.4, "colour": {"name": "pale yellow"}, "material": "dry-dubbing"}, {"part": "post", "colour": {"name": "pink"}, "length": {"rule": "shank", "factor": 0.9}, "material": "post-yarn"}, {"barb": {"rule": "gap", "factor": 2}, "part": "parachute-hackle", "droop": 6, "turns": 4, "colour": {"name": "pale ginger"}, "feather": 0, "material": "dry-hackle"}], "style": "parachute", "natural": "pale evening spinner", "colourings": [{"name": "evening, rust", "parts": [{"part": "body", "colour": {"name": "rust"}}, {"part": "parachute-hackle", "colour": {"name": "ginger"}}]}]}, "version": 3, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-29 20:06:46.013663+00', '2026-11-29 20:06:46.013663+00', NULL, 'pale evening spinner', 'straight', '{dry-dubbing,dry-hackle,post-yarn,tail-barb}', 'Willow Skate
pale evening spinner
Parachute
tail
tail barb
pale ginger
Spade hackle barbs
body
dry dubbing
pale yellow
Water-shedding dubbing
post
post yarn
pink
Polypropylene post yarn
parachute hackle
dry hackle
pale ginger
Stiff dry-fly hackle
The box''s most borrowed fly. A pink post for those who cannot see a white one against the glare of Lower Saddlewater.', 'flush', NULL, DEFAULT, 0, '00000000-0000-0000-0000-000000000001', 0, false);
INSERT INTO public.pattern VALUES ('7c256b5e-5af3-4f92-b1fc-f1e40addb883', 'Lantern Dun', 'upright-collar', 14, '{"format": "ripple-rest/pattern", "pattern": {"for": "first evenings of those who have fished lakes only", "hook": {"barb": true, "size": 14, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Lantern Dun", "asked": "The one fly to begin with.", "notes": "Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.", "parts": [{"part": "tail", "count": 8, "splay": 30, "colour": {"name": "medium dun"}, "length": {"rule": "hook-length", "factor": 1}, "material": "tail-barb"}, {"part": "body", "wires": 2.4, "colour": {"name": "brown olive"}, "material": "dry-dubbing"}, {"part": "upright-wing", "apart": 30, "colour": {"name": "slate"}, "length": {"rule": "shank", "factor": 1}, "material": "wing-tips"}, {"barb": {"rule": "gap", "factor": 1.75}, "clip": {"rule": "gap", "factor": 0.45}, "part": "collar-hackle", "trim": "full", "turns": 5, "colour": {"name": "medium dun"}, "feather": 0, "material": "dry-hackle"}], "steps": [{"do": "wind collar-hackle", "note": "Guests crowd the head here: stop a turn early."}], "style": "upright-collar", "natural": "autumn dun", "colourings": [{"name": "spring, pale", "parts": [{"part": "body", "colour": {"name": "pale olive"}}, {"part": "collar-hackle", "colour": {"name": "pale dun"}}]}, {"name": "late, claret", "parts": [{"part": "body", "colour": {"name": "claret"}}, {"part": "collar-hackle", "colour": {"name": "dark dun"}}]}]}, "version": 3, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-29 20:06:45.77648+00', '2026-11-29 20:06:45.77648+00', NULL, 'autumn dun', 'straight', '{dry-dubbing,dry-hackle,tail-barb,wing-tips}', 'Lantern Dun
autumn dun
Upright collar
tail
tail barb
medium dun
Spade hackle barbs
body
dry dubbing
brown olive
Water-shedding dubbing
upright wing
wing tips
slate
Hackle-tip wings
collar hackle
dry hackle
medium dun
Stiff dry-fly hackle
Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.', 'on-tips', NULL, DEFAULT, 0, '00000000-0000-0000-0000-000000000001', 0, false);
INSERT INTO public.pattern VALUES ('71718efe-fc78-43c4-a795-dd4667c08596', 'Bridge Shuttle', 'folded-shuttle', 12, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"barb": true, "size": 12, "shape": "curved", "wireSteps": 0, "lengthSteps": 0}, "name": "Bridge Shuttle", "notes": "For olives under the road bridge, fished in the slack behind the second arch.", "parts": [{"part": "rib", "turns": 5, "colour": {"name": "gold"}, "material": "wire"}, {"part": "body", "wires": 1.5, "colour": {"name": "olive"}, "material": "biot"}, {"part": "folded-shuttle", "count": 5, "colour": {"name": "natural dun"}, "length": {"rule": "shank", "factor": 0.5}, "material": "soft-plume"}], "style": "folded-shuttle", "natural": "olive dun"}, "version": 3, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-29 20:06:45.856472+00', '2026-11-29 20:06:45.856472+00', NULL, 'olive dun', 'curved', '{biot,soft-plume,wire}', 'Bridge Shuttle
olive dun
Folded-shuttle hanger
rib
wire
gold
Fine copper wire
body
biot
olive
Goose biot
folded shuttle
soft plume
natural dun
Soft plume (CDC feather)
For olives under the road bridge, fished in the slack behind the second arch.', 'half-down', NULL, DEFAULT, 0, '00000000-0000-0000-0000-000000000001', 0, false);

INSERT INTO public.person VALUES ('00000000-0000-0000-0000-000000000001', 'local', '2026-11-29 20:06:37.981808+00');

INSERT INTO public.tank_test VALUES ('00000000-0000-4000-8000-000000000701', '00000000-0000-0000-0000-000000000001', 'c62177b4-97e4-4bd3-afb2-03de197883b1', '2026-09-14 19:10:00+00', '{"id": "00000000-0000-4000-8000-000000000701", "fly": "c62177b4-97e4-4bd3-afb2-03de197883b1", "laid": 1.0, "seen": {"hung": [], "sits": "ON_TIPS", "lasted": null, "unlike": false, "measured": [{"by": "EYE", "what": "ANGLE", "error": 3.0, "value": 11.0}, {"by": "EYE", "what": "EYE", "error": 0.4, "value": 1.5}, {"by": "EYE", "what": "BEND", "error": 0.4, "value": 0.3}], "popsBack": false}, "notes": "Invented. Kitchen glass, tap water.", "madeAt": "2026-09-14T19:10:00Z", "leftOut": false, "picture": null, "floatant": "GEL", "foretold": {"ways": [{"sits": "ON_TIPS", "share": 0.99}, {"sits": "HALF_DOWN", "share": 0.01}], "bearsMg": [166.98, 174.054, 175.891, 180.478, 181.286, 182.786, 184.91, 187.061, 188.746, 189.733, 191.368, 193.788, 195.019, 196.361, 198.083, 201.25, 204.361, 207.249, 211.559], "byTests": 0, "minutes": 100.0, "measures": [{"low": 9.456, "high": 21.357, "what": "ANGLE", "middle": 16.803}, {"low": 1.375, "high": 3.683, "what": "EYE", "middle": 2.748}, {"low": 0.135, "high": 1.128, "what": "BEND", "middle": 0.606}, {"low": -3.272, "high": -1.663, "what": "POINT", "middle": -2.341}], "popsBack": 0.0}, "temperatureC": 14.0}', NULL, 0);

SELECT pg_catalog.setval('public.tying_revision', 1, false);

ALTER TABLE ONLY public.answered_change
    ADD CONSTRAINT answered_change_pkey PRIMARY KEY (owner_id, key);

ALTER TABLE ONLY public.drawer_item
    ADD CONSTRAINT drawer_item_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.drawer_use
    ADD CONSTRAINT drawer_use_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.evening_plan
    ADD CONSTRAINT evening_plan_pkey PRIMARY KEY (owner_id);

ALTER TABLE ONLY public.fly_box
    ADD CONSTRAINT fly_box_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.fly_move
    ADD CONSTRAINT fly_move_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.fly_picture
    ADD CONSTRAINT fly_picture_pkey PRIMARY KEY (fly_id);

ALTER TABLE ONLY public.flyway_schema_history
    ADD CONSTRAINT flyway_schema_history_pk PRIMARY KEY (installed_rank);

ALTER TABLE ONLY public.house_style
    ADD CONSTRAINT house_style_pkey PRIMARY KEY (owner_id, id);

ALTER TABLE ONLY public.kept_answer
    ADD CONSTRAINT kept_answer_pkey PRIMARY KEY (key);

ALTER TABLE ONLY public.learnt
    ADD CONSTRAINT learnt_pkey PRIMARY KEY (owner_id);

ALTER TABLE ONLY public.logged_fly
    ADD CONSTRAINT logged_fly_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.outing
    ADD CONSTRAINT outing_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.own_hook
    ADD CONSTRAINT own_hook_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.own_material_value
    ADD CONSTRAINT own_material_value_pkey PRIMARY KEY (owner_id, material, property);

ALTER TABLE ONLY public.pattern
    ADD CONSTRAINT pattern_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.pattern_step
    ADD CONSTRAINT pattern_step_pkey PRIMARY KEY (pattern_id, number);

ALTER TABLE ONLY public.person
    ADD CONSTRAINT person_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.practice_exercise
    ADD CONSTRAINT practice_exercise_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.practice_trial
    ADD CONSTRAINT practice_trial_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.step_time
    ADD CONSTRAINT step_time_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.tank_picture
    ADD CONSTRAINT tank_picture_pkey PRIMARY KEY (test_id);

ALTER TABLE ONLY public.tank_test
    ADD CONSTRAINT tank_test_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.tying
    ADD CONSTRAINT tying_pkey PRIMARY KEY (pattern_id);

CREATE INDEX answered_change_by_time ON public.answered_change USING btree (answered_at);

CREATE INDEX drawer_item_by_label ON public.drawer_item USING btree (label) WHERE (deleted_at IS NULL);

CREATE INDEX drawer_use_by_fly ON public.drawer_use USING btree (fly_id);

CREATE INDEX fly_move_by_fly ON public.fly_move USING btree (fly_id);

CREATE INDEX fly_move_by_time ON public.fly_move USING btree (at, id);

CREATE INDEX flyway_schema_history_s_idx ON public.flyway_schema_history USING btree (success);

CREATE INDEX kept_answer_by_use ON public.kept_answer USING btree (used_at);

CREATE INDEX logged_fly_by_time ON public.logged_fly USING btree (tied_at);

CREATE INDEX outing_by_day ON public.outing USING btree (day) WHERE (deleted_at IS NULL);

CREATE INDEX pattern_by_change ON public.pattern USING btree (updated_at) WHERE (deleted_at IS NULL);

CREATE INDEX pattern_by_hook ON public.pattern USING btree (hook_size) WHERE (deleted_at IS NULL);

CREATE INDEX pattern_by_materials ON public.pattern USING gin (materials);

CREATE INDEX pattern_by_name ON public.pattern USING btree (lower((name)::text)) WHERE (deleted_at IS NULL);

CREATE INDEX pattern_by_natural ON public.pattern USING btree (lower((natural_insect)::text)) WHERE (deleted_at IS NULL);

CREATE INDEX pattern_by_posture ON public.pattern USING btree (posture) WHERE (deleted_at IS NULL);

CREATE INDEX pattern_by_style ON public.pattern USING btree (style) WHERE (deleted_at IS NULL);

CREATE INDEX pattern_by_words ON public.pattern USING gin (search);

CREATE INDEX pattern_without_posture ON public.pattern USING btree (updated_at) WHERE ((posture IS NULL) AND (deleted_at IS NULL));

CREATE INDEX practice_exercise_by_sitting ON public.practice_exercise USING btree (sitting, asked_at);

CREATE INDEX practice_exercise_unanswered ON public.practice_exercise USING btree (asked_at) WHERE (said IS NULL);

CREATE INDEX practice_trial_by_time ON public.practice_trial USING btree (person, at, id);

CREATE INDEX step_time_by_kind ON public.step_time USING btree (kind, timed_at);

CREATE INDEX tank_test_by_fly ON public.tank_test USING btree (fly_id);

CREATE INDEX tank_test_by_time ON public.tank_test USING btree (made_at) WHERE (deleted_at IS NULL);

ALTER TABLE ONLY public.answered_change
    ADD CONSTRAINT answered_change_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.drawer_item
    ADD CONSTRAINT drawer_item_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.drawer_use
    ADD CONSTRAINT drawer_use_fly_id_fkey FOREIGN KEY (fly_id) REFERENCES public.logged_fly(id) ON DELETE CASCADE;

ALTER TABLE ONLY public.drawer_use
    ADD CONSTRAINT drawer_use_item_id_fkey FOREIGN KEY (item_id) REFERENCES public.drawer_item(id) ON DELETE SET NULL;

ALTER TABLE ONLY public.drawer_use
    ADD CONSTRAINT drawer_use_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.evening_plan
    ADD CONSTRAINT evening_plan_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.fly_box
    ADD CONSTRAINT fly_box_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.fly_move
    ADD CONSTRAINT fly_move_fly_id_fkey FOREIGN KEY (fly_id) REFERENCES public.logged_fly(id) ON DELETE CASCADE;

ALTER TABLE ONLY public.fly_move
    ADD CONSTRAINT fly_move_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.fly_picture
    ADD CONSTRAINT fly_picture_fly_id_fkey FOREIGN KEY (fly_id) REFERENCES public.logged_fly(id) ON DELETE CASCADE;

ALTER TABLE ONLY public.fly_picture
    ADD CONSTRAINT fly_picture_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.house_style
    ADD CONSTRAINT house_school_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.learnt
    ADD CONSTRAINT learnt_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.logged_fly
    ADD CONSTRAINT logged_fly_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.logged_fly
    ADD CONSTRAINT logged_fly_pattern_id_fkey FOREIGN KEY (pattern_id) REFERENCES public.pattern(id) ON DELETE SET NULL;

ALTER TABLE ONLY public.outing
    ADD CONSTRAINT outing_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.own_hook
    ADD CONSTRAINT own_hook_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.own_material_value
    ADD CONSTRAINT own_material_value_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.pattern
    ADD CONSTRAINT pattern_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.pattern_step
    ADD CONSTRAINT pattern_step_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.pattern_step
    ADD CONSTRAINT pattern_step_pattern_id_fkey FOREIGN KEY (pattern_id) REFERENCES public.pattern(id) ON DELETE CASCADE;

ALTER TABLE ONLY public.practice_exercise
    ADD CONSTRAINT practice_exercise_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.practice_trial
    ADD CONSTRAINT practice_trial_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.step_time
    ADD CONSTRAINT step_time_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.tank_picture
    ADD CONSTRAINT tank_picture_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.tank_picture
    ADD CONSTRAINT tank_picture_test_id_fkey FOREIGN KEY (test_id) REFERENCES public.tank_test(id) ON DELETE CASCADE;

ALTER TABLE ONLY public.tank_test
    ADD CONSTRAINT tank_test_fly_id_fkey FOREIGN KEY (fly_id) REFERENCES public.logged_fly(id) ON DELETE CASCADE;

ALTER TABLE ONLY public.tank_test
    ADD CONSTRAINT tank_test_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.tying
    ADD CONSTRAINT tying_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.tying
    ADD CONSTRAINT tying_pattern_id_fkey FOREIGN KEY (pattern_id) REFERENCES public.pattern(id) ON DELETE CASCADE;

ALTER TABLE public.answered_change ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.drawer_item ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.drawer_use ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.evening_plan ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.fly_box ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.fly_move ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.fly_picture ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.house_style ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.learnt ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.logged_fly ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.outing ENABLE ROW LEVEL SECURITY;

CREATE POLICY own ON public.answered_change USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.drawer_item USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.drawer_use USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.evening_plan USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.fly_box USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.fly_move USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.fly_picture USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.house_style USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.learnt USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.logged_fly USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.outing USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.own_hook USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.own_material_value USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.pattern USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.pattern_step USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.practice_exercise USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.practice_trial USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.step_time USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.tank_picture USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.tank_test USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

CREATE POLICY own ON public.tying USING ((owner_id = public.person_now())) WITH CHECK ((owner_id = public.person_now()));

ALTER TABLE public.own_hook ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.own_material_value ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.pattern ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.pattern_step ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.practice_exercise ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.practice_trial ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.step_time ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.tank_picture ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.tank_test ENABLE ROW LEVEL SECURITY;

ALTER TABLE public.tying ENABLE ROW LEVEL SECURITY;

GRANT USAGE ON SCHEMA public TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.answered_change TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.demo_load TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.drawer_item TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.drawer_use TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.evening_plan TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.fly_box TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.fly_move TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.fly_picture TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.flyway_schema_history TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.house_style TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.kept_answer TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.learnt TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.logged_fly TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.outing TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.own_hook TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.own_material_value TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.pattern TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.pattern_step TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.person TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.practice_exercise TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.practice_trial TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.step_time TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.tank_picture TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.tank_test TO ripplerest_shared;

GRANT SELECT,USAGE ON SEQUENCE public.tying_revision TO ripplerest_shared;

GRANT SELECT,INSERT,DELETE,UPDATE ON TABLE public.tying TO ripplerest_shared;

ALTER DEFAULT PRIVILEGES FOR ROLE ripplerest IN SCHEMA public GRANT SELECT,USAGE ON SEQUENCES  TO ripplerest_shared;

ALTER DEFAULT PRIVILEGES FOR ROLE ripplerest IN SCHEMA public GRANT SELECT,INSERT,DELETE,UPDATE ON TABLES  TO ripplerest_shared;

