


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

SET default_tablespace = '';

SET default_table_access_method = heap;


CREATE TABLE public.answered_change (
    key character varying(80) NOT NULL,
    owner_id uuid DEFAULT '00000000-0000-0000-0000-000000000001'::uuid NOT NULL,
    request character varying(64) NOT NULL,
    status integer,
    headers jsonb,
    body bytea,
    answered_at timestamp with time zone NOT NULL
);



CREATE TABLE public.demo_load (
    loaded_at timestamp with time zone NOT NULL
);



CREATE TABLE public.fly_picture (
    fly_id uuid NOT NULL,
    type character varying(20) NOT NULL,
    bytes bytea NOT NULL,
    owner_id uuid DEFAULT '00000000-0000-0000-0000-000000000001'::uuid NOT NULL
);



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



CREATE TABLE public.house_school (
    id character varying(60) NOT NULL,
    label character varying(60) NOT NULL,
    copy_of character varying(60) NOT NULL,
    rules jsonb NOT NULL,
    owner_id uuid DEFAULT '00000000-0000-0000-0000-000000000001'::uuid NOT NULL,
    deleted_at timestamp with time zone
);



CREATE TABLE public.logged_fly (
    id uuid NOT NULL,
    pattern_id uuid,
    name character varying(80) NOT NULL,
    hook_size integer NOT NULL,
    tied_at timestamp with time zone NOT NULL,
    entry jsonb NOT NULL,
    revision bigint NOT NULL,
    owner_id uuid DEFAULT '00000000-0000-0000-0000-000000000001'::uuid NOT NULL,
    deleted_at timestamp with time zone
);



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
    owner_id uuid DEFAULT '00000000-0000-0000-0000-000000000001'::uuid NOT NULL,
    deleted_at timestamp with time zone
);



CREATE TABLE public.own_material_value (
    material character varying(60) NOT NULL,
    label character varying(80) NOT NULL,
    property character varying(30) NOT NULL,
    value double precision NOT NULL,
    spread double precision NOT NULL,
    kind character varying(20) NOT NULL,
    source character varying(300) NOT NULL,
    place integer NOT NULL,
    owner_id uuid DEFAULT '00000000-0000-0000-0000-000000000001'::uuid NOT NULL,
    deleted_at timestamp with time zone
);



CREATE TABLE public.pattern (
    id uuid NOT NULL,
    name character varying(80) NOT NULL,
    school character varying(60) NOT NULL,
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
    owner_id uuid DEFAULT '00000000-0000-0000-0000-000000000001'::uuid NOT NULL,
    posture_tries integer DEFAULT 0 NOT NULL
);



CREATE TABLE public.pattern_step (
    pattern_id uuid NOT NULL,
    number integer NOT NULL,
    name character varying(200) NOT NULL,
    document jsonb NOT NULL,
    made_at timestamp with time zone NOT NULL,
    owner_id uuid DEFAULT '00000000-0000-0000-0000-000000000001'::uuid NOT NULL
);



CREATE TABLE public.person (
    id uuid NOT NULL,
    name character varying(80) NOT NULL,
    created_at timestamp with time zone NOT NULL
);



CREATE TABLE public.step_time (
    id uuid NOT NULL,
    kind character varying(40) NOT NULL,
    ratio double precision NOT NULL,
    timed_at timestamp with time zone NOT NULL,
    owner_id uuid DEFAULT '00000000-0000-0000-0000-000000000001'::uuid NOT NULL
);



CREATE SEQUENCE public.tying_revision
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;



CREATE TABLE public.tying (
    pattern_id uuid NOT NULL,
    step integer NOT NULL,
    seconds jsonb NOT NULL,
    changed_at timestamp with time zone NOT NULL,
    owner_id uuid DEFAULT '00000000-0000-0000-0000-000000000001'::uuid NOT NULL,
    revision bigint DEFAULT nextval('public.tying_revision'::regclass) NOT NULL
);






INSERT INTO public.demo_load VALUES ('2026-11-28 05:47:52.593131+00');



INSERT INTO public.fly_picture VALUES ('b192f0f6-f5ab-40f2-88c6-3e65337af1e7', 'image/png', '\x89504e470d0a1a0a0000000d4948445200000008000000080800000000e164e1570000000e49444154789c6368800206ca1800808420010d8024610000000049454e44ae426082', '00000000-0000-0000-0000-000000000001');



INSERT INTO public.flyway_schema_history VALUES (1, '1', 'patterns', 'SQL', 'V1__patterns.sql', 1718154832, 'ripplerest', '2026-11-28 05:47:36.046473', 29, true);
INSERT INTO public.flyway_schema_history VALUES (2, '2', 'hooks and house schools', 'SQL', 'V2__hooks_and_house_schools.sql', -1078990986, 'ripplerest', '2026-11-28 05:47:36.196227', 34, true);
INSERT INTO public.flyway_schema_history VALUES (3, '3', 'book', 'SQL', 'V3__book.sql', -1077030432, 'ripplerest', '2026-11-28 05:47:36.282041', 39, true);
INSERT INTO public.flyway_schema_history VALUES (4, '4', 'steps', 'SQL', 'V4__steps.sql', 1823837249, 'ripplerest', '2026-11-28 05:47:36.357274', 19, true);
INSERT INTO public.flyway_schema_history VALUES (5, '5', 'log', 'SQL', 'V5__log.sql', 346929767, 'ripplerest', '2026-11-28 05:47:36.422953', 43, true);
INSERT INTO public.flyway_schema_history VALUES (6, '6', 'owners and what was deleted', 'SQL', 'V6__owners_and_what_was_deleted.sql', -421852419, 'ripple', '2026-11-28 08:47:48.832015', 74, true);



INSERT INTO public.house_school VALUES ('house-old-hut-way', 'Old hut way', 'parachute', '{}', '00000000-0000-0000-0000-000000000001', NULL);



INSERT INTO public.logged_fly VALUES ('6611a40e-2234-4c2b-8cf9-bc8bd1659cbb', '54bac45a-2b24-45a5-bf26-df4997591b46', 'Lantern Dun', 14, '2026-09-12 19:04:00+00', '{"id": "6611a40e-2234-4c2b-8cf9-bc8bd1659cbb", "made": [{"part": "tail", "unit": "mm", "error": 0.2, "field": "length", "value": 9.3, "planned": 9.604378364001635}, {"part": "upright-wing", "unit": "mm", "error": 0.2, "field": "length", "value": 8.0, "planned": 7.400000000000001}, {"part": "collar-hackle", "unit": "turns", "error": 0.25, "field": "turns", "value": 6.0, "planned": 5.0}], "notes": "For the hut''s box.", "massMg": 0.0, "tiedAt": "2026-09-12T19:04:00Z", "seconds": 1159.0, "document": {"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 14, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Lantern Dun", "notes": "Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.", "parts": [{"part": "tail", "count": 8, "splay": 30, "length": {"rule": "hook-length", "factor": 1}, "material": "tail-barb"}, {"part": "body", "wires": 2.4, "material": "dry-dubbing"}, {"part": "upright-wing", "length": {"rule": "shank", "factor": 1}, "material": "wing-tips"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 5, "feather": 0, "material": "dry-hackle"}], "school": "upright-collar", "natural": "autumn dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}, "photograph": null}', 0, '00000000-0000-0000-0000-000000000001', NULL);
INSERT INTO public.logged_fly VALUES ('b192f0f6-f5ab-40f2-88c6-3e65337af1e7', 'ebd26667-2745-4693-a4a4-80997af2a63b', 'Bridge Shuttle', 12, '2026-09-16 19:45:00+00', '{"id": "b192f0f6-f5ab-40f2-88c6-3e65337af1e7", "made": [{"part": "rib", "unit": "turns", "error": 0.25, "field": "turns", "value": 5.0, "planned": 5.0}, {"part": "folded-shuttle", "unit": "mm", "error": 0.2, "field": "length", "value": 4.8, "planned": 4.25}], "notes": "Cold fingers; the last turn slipped.", "massMg": 0.0, "tiedAt": "2026-09-16T19:45:00Z", "seconds": 1027.0, "document": {"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 12, "shape": "curved", "wireSteps": 0, "lengthSteps": 0}, "name": "Bridge Shuttle", "notes": "For olives under the road bridge, fished in the slack behind the second arch.", "parts": [{"part": "rib", "turns": 5, "material": "wire"}, {"part": "body", "wires": 1.5, "material": "biot"}, {"part": "folded-shuttle", "count": 5, "length": {"rule": "shank", "factor": 0.5}, "material": "soft-plume"}], "school": "folded-shuttle", "natural": "olive dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}, "photograph": null}', 0, '00000000-0000-0000-0000-000000000001', NULL);



INSERT INTO public.own_hook VALUES ('5f0e6029-7beb-48de-b155-8ec112aefe6c', 'Old hut long', 12, 'STRAIGHT', 9.1, 4.5, 0.46, 1.1, 310, '00000000-0000-0000-0000-000000000001', NULL);






INSERT INTO public.pattern VALUES ('ebd26667-2745-4693-a4a4-80997af2a63b', 'Bridge Shuttle', 'folded-shuttle', 12, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 12, "shape": "curved", "wireSteps": 0, "lengthSteps": 0}, "name": "Bridge Shuttle", "notes": "For olives under the road bridge, fished in the slack behind the second arch.", "parts": [{"part": "rib", "turns": 5, "material": "wire"}, {"part": "body", "wires": 1.5, "material": "biot"}, {"part": "folded-shuttle", "count": 5, "length": {"rule": "shank", "factor": 0.5}, "material": "soft-plume"}], "school": "folded-shuttle", "natural": "olive dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:47:52.687127+00', '2026-11-28 05:47:52.687127+00', NULL, 'olive dun', 'curved', '{biot,soft-plume,wire}', 'Bridge Shuttle
olive dun
Folded-shuttle hanger
rib
wire
Fine copper wire
body
biot
Goose biot
folded shuttle
soft plume
Soft plume (CDC feather)
For olives under the road bridge, fished in the slack behind the second arch.', 'half-down', NULL, DEFAULT, 0, '00000000-0000-0000-0000-000000000001', 0);
INSERT INTO public.pattern VALUES ('742568a3-d178-4886-92b1-50631c1e9eb5', 'Cobble Stone', 'palmered-stone', 8, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 8, "shape": "straight", "wireSteps": 0, "lengthSteps": 1}, "name": "Cobble Stone", "notes": "The bank side of the Quennet in a spate. Tie the rib down hard, it holds everything.", "parts": [{"part": "tail", "count": 4, "splay": 30, "length": {"rule": "gap", "factor": 1}, "material": "tail-barb"}, {"part": "rib", "turns": 5, "material": "wire"}, {"part": "body", "wires": 3.2, "material": "body-yarn"}, {"barb": {"rule": "gap", "factor": 1}, "part": "palmered-hackle", "trim": "full", "turns": 9, "feather": 0, "material": "dry-hackle"}, {"lift": 10, "part": "hair-wing", "count": 24, "length": {"rule": "hook-length", "factor": 0.95}, "material": "deer-hair"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 4, "feather": 0, "material": "dry-hackle"}], "school": "palmered-stone", "natural": "large stonefly"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:47:52.707686+00', '2026-11-28 05:47:52.707686+00', NULL, 'large stonefly', 'straight', '{body-yarn,deer-hair,dry-hackle,tail-barb,wire}', 'Cobble Stone
large stonefly
Palmered down-wing stone
tail
tail barb
Spade hackle barbs
rib
wire
Fine copper wire
body
body yarn
Body yarn
palmered hackle
dry hackle
Stiff dry-fly hackle
hair wing
deer hair
Hollow hair (deer)
collar hackle
dry hackle
Stiff dry-fly hackle
The bank side of the Quennet in a spate. Tie the rib down hard, it holds everything.', 'on-tips', NULL, DEFAULT, 0, '00000000-0000-0000-0000-000000000001', 0);
INSERT INTO public.pattern VALUES ('2959aabd-f5f8-4693-ac78-5054e2ebb7ec', 'Deep Lodger', 'forward-plume', 12, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 12, "shape": "curved", "wireSteps": 1, "lengthSteps": 0}, "name": "Deep Lodger", "notes": "Hangs deep and grips. Past a second fish it is an honest wet fly.", "parts": [{"part": "body", "wires": 1.5, "material": "thread"}, {"lift": 30, "part": "forward-plume", "count": 5, "length": {"rule": "hook-length", "factor": 1}, "material": "soft-plume"}], "school": "forward-plume", "natural": "autumn dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:47:52.720897+00', '2026-11-28 05:47:52.720897+00', NULL, 'autumn dun', 'curved', '{soft-plume,thread}', 'Deep Lodger
autumn dun
Forward-plume hanger
body
thread
Waterproofed tying thread
forward plume
soft plume
Soft plume (CDC feather)
Hangs deep and grips. Past a second fish it is an honest wet fly.', 'hanging', NULL, DEFAULT, 0, '00000000-0000-0000-0000-000000000001', 0);
INSERT INTO public.pattern VALUES ('54bac45a-2b24-45a5-bf26-df4997591b46', 'Kept Dun', 'upright-collar', 14, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 14, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Kept Dun", "notes": "Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.", "parts": [{"part": "tail", "count": 8, "splay": 30, "length": {"rule": "hook-length", "factor": 1}, "material": "tail-barb"}, {"part": "body", "wires": 2.4, "material": "dry-dubbing"}, {"part": "upright-wing", "length": {"rule": "shank", "factor": 1}, "material": "wing-tips"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 5, "feather": 0, "material": "dry-hackle"}], "school": "upright-collar", "natural": "autumn dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 1, '2026-11-28 05:47:52.515238+00', '2026-11-28 05:48:04.550435+00', NULL, 'autumn dun', 'straight', '{dry-dubbing,dry-hackle,tail-barb,wing-tips}', 'Kept Dun
autumn dun
Upright collar
tail
tail barb
Spade hackle barbs
body
dry dubbing
Water-shedding dubbing
upright wing
wing tips
Hackle-tip wings
collar hackle
dry hackle
Stiff dry-fly hackle
Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.', NULL, NULL, DEFAULT, 1, '00000000-0000-0000-0000-000000000001', 0);



INSERT INTO public.pattern_step VALUES ('54bac45a-2b24-45a5-bf26-df4997591b46', 0, '', '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 14, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Lantern Dun", "notes": "Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.", "parts": [{"part": "tail", "count": 8, "splay": 30, "length": {"rule": "hook-length", "factor": 1}, "material": "tail-barb"}, {"part": "body", "wires": 2.4, "material": "dry-dubbing"}, {"part": "upright-wing", "length": {"rule": "shank", "factor": 1}, "material": "wing-tips"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 5, "feather": 0, "material": "dry-hackle"}], "school": "upright-collar", "natural": "autumn dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', '2026-11-28 05:48:04.446661+00', '00000000-0000-0000-0000-000000000001');
INSERT INTO public.pattern_step VALUES ('54bac45a-2b24-45a5-bf26-df4997591b46', 1, 'named Kept Dun', '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 14, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Kept Dun", "notes": "Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.", "parts": [{"part": "tail", "count": 8, "splay": 30, "length": {"rule": "hook-length", "factor": 1}, "material": "tail-barb"}, {"part": "body", "wires": 2.4, "material": "dry-dubbing"}, {"part": "upright-wing", "length": {"rule": "shank", "factor": 1}, "material": "wing-tips"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 5, "feather": 0, "material": "dry-hackle"}], "school": "upright-collar", "natural": "autumn dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', '2026-11-28 05:48:04.54357+00', '00000000-0000-0000-0000-000000000001');



INSERT INTO public.person VALUES ('00000000-0000-0000-0000-000000000001', 'local', '2026-11-28 08:47:48.933943+00');






INSERT INTO public.tying VALUES ('54bac45a-2b24-45a5-bf26-df4997591b46', 2, '[30.0, 41.0]', '2026-11-28 05:48:05.425381+00', '00000000-0000-0000-0000-000000000001', 1);



SELECT pg_catalog.setval('public.tying_revision', 1, true);



ALTER TABLE ONLY public.answered_change
    ADD CONSTRAINT answered_change_pkey PRIMARY KEY (owner_id, key);



ALTER TABLE ONLY public.fly_picture
    ADD CONSTRAINT fly_picture_pkey PRIMARY KEY (fly_id);



ALTER TABLE ONLY public.flyway_schema_history
    ADD CONSTRAINT flyway_schema_history_pk PRIMARY KEY (installed_rank);



ALTER TABLE ONLY public.house_school
    ADD CONSTRAINT house_school_pkey PRIMARY KEY (id);



ALTER TABLE ONLY public.logged_fly
    ADD CONSTRAINT logged_fly_pkey PRIMARY KEY (id);



ALTER TABLE ONLY public.own_hook
    ADD CONSTRAINT own_hook_pkey PRIMARY KEY (id);



ALTER TABLE ONLY public.own_material_value
    ADD CONSTRAINT own_material_value_pkey PRIMARY KEY (material, property);



ALTER TABLE ONLY public.pattern
    ADD CONSTRAINT pattern_pkey PRIMARY KEY (id);



ALTER TABLE ONLY public.pattern_step
    ADD CONSTRAINT pattern_step_pkey PRIMARY KEY (pattern_id, number);



ALTER TABLE ONLY public.person
    ADD CONSTRAINT person_pkey PRIMARY KEY (id);



ALTER TABLE ONLY public.step_time
    ADD CONSTRAINT step_time_pkey PRIMARY KEY (id);



ALTER TABLE ONLY public.tying
    ADD CONSTRAINT tying_pkey PRIMARY KEY (pattern_id);



CREATE INDEX answered_change_by_time ON public.answered_change USING btree (answered_at);



CREATE INDEX flyway_schema_history_s_idx ON public.flyway_schema_history USING btree (success);



CREATE INDEX logged_fly_by_time ON public.logged_fly USING btree (tied_at);



CREATE INDEX pattern_by_change ON public.pattern USING btree (updated_at) WHERE (deleted_at IS NULL);



CREATE INDEX pattern_by_hook ON public.pattern USING btree (hook_size) WHERE (deleted_at IS NULL);



CREATE INDEX pattern_by_materials ON public.pattern USING gin (materials);



CREATE INDEX pattern_by_name ON public.pattern USING btree (lower((name)::text)) WHERE (deleted_at IS NULL);



CREATE INDEX pattern_by_natural ON public.pattern USING btree (lower((natural_insect)::text)) WHERE (deleted_at IS NULL);



CREATE INDEX pattern_by_posture ON public.pattern USING btree (posture) WHERE (deleted_at IS NULL);



CREATE INDEX pattern_by_school ON public.pattern USING btree (school) WHERE (deleted_at IS NULL);



CREATE INDEX pattern_by_words ON public.pattern USING gin (search);



CREATE INDEX pattern_without_posture ON public.pattern USING btree (updated_at) WHERE ((posture IS NULL) AND (deleted_at IS NULL));



CREATE INDEX step_time_by_kind ON public.step_time USING btree (kind, timed_at);



ALTER TABLE ONLY public.answered_change
    ADD CONSTRAINT answered_change_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);



ALTER TABLE ONLY public.fly_picture
    ADD CONSTRAINT fly_picture_fly_id_fkey FOREIGN KEY (fly_id) REFERENCES public.logged_fly(id) ON DELETE CASCADE;



ALTER TABLE ONLY public.fly_picture
    ADD CONSTRAINT fly_picture_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);



ALTER TABLE ONLY public.house_school
    ADD CONSTRAINT house_school_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);



ALTER TABLE ONLY public.logged_fly
    ADD CONSTRAINT logged_fly_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);



ALTER TABLE ONLY public.logged_fly
    ADD CONSTRAINT logged_fly_pattern_id_fkey FOREIGN KEY (pattern_id) REFERENCES public.pattern(id) ON DELETE SET NULL;



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



ALTER TABLE ONLY public.step_time
    ADD CONSTRAINT step_time_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);



ALTER TABLE ONLY public.tying
    ADD CONSTRAINT tying_owner_id_fkey FOREIGN KEY (owner_id) REFERENCES public.person(id);



ALTER TABLE ONLY public.tying
    ADD CONSTRAINT tying_pattern_id_fkey FOREIGN KEY (pattern_id) REFERENCES public.pattern(id) ON DELETE CASCADE;




