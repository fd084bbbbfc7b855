
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

CREATE TABLE public.demo_load (
    loaded_at timestamp with time zone NOT NULL
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
    rules jsonb NOT NULL
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
    ten_mg double precision
);

CREATE TABLE public.own_material_value (
    material character varying(60) NOT NULL,
    label character varying(80) NOT NULL,
    property character varying(30) NOT NULL,
    value double precision NOT NULL,
    spread double precision NOT NULL,
    kind character varying(20) NOT NULL,
    source character varying(300) NOT NULL,
    place integer NOT NULL
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
    step integer DEFAULT 0 NOT NULL
);

CREATE TABLE public.pattern_step (
    pattern_id uuid NOT NULL,
    number integer NOT NULL,
    name character varying(200) NOT NULL,
    document jsonb NOT NULL,
    made_at timestamp with time zone NOT NULL
);

INSERT INTO public.demo_load VALUES ('2026-11-28 05:45:48.981971+00');

INSERT INTO public.flyway_schema_history VALUES (1, '1', 'patterns', 'SQL', 'V1__patterns.sql', 1718154832, 'ripplerest', '2026-11-28 05:45:37.518974', 18, true);
INSERT INTO public.flyway_schema_history VALUES (2, '2', 'hooks and house schools', 'SQL', 'V2__hooks_and_house_schools.sql', -1078990986, 'ripplerest', '2026-11-28 05:45:37.630623', 12, true);
INSERT INTO public.flyway_schema_history VALUES (3, '3', 'book', 'SQL', 'V3__book.sql', -1077030432, 'ripplerest', '2026-11-28 05:45:37.679804', 25, true);
INSERT INTO public.flyway_schema_history VALUES (4, '4', 'steps', 'SQL', 'V4__steps.sql', 1823837249, 'ripplerest', '2026-11-28 05:45:37.736039', 9, true);

INSERT INTO public.house_school VALUES ('house-old-hut-way', 'Old hut way', 'parachute', '{}');

INSERT INTO public.own_hook VALUES ('182f3d5d-f220-4ebc-be36-4f57def6d7f2', 'Old hut long', 12, 'STRAIGHT', 9.1, 4.5, 0.46, 1.1, 310);

INSERT INTO public.pattern VALUES ('aa50713e-6610-49a1-b7d3-56d9dbe7e7fa', 'Bridge Shuttle', 'folded-shuttle', 12, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 12, "shape": "curved", "wireSteps": 0, "lengthSteps": 0}, "name": "Bridge Shuttle", "notes": "For olives under the road bridge, fished in the slack behind the second arch.", "parts": [{"part": "rib", "turns": 5, "material": "wire"}, {"part": "body", "wires": 1.5, "material": "biot"}, {"part": "folded-shuttle", "count": 5, "length": {"rule": "shank", "factor": 0.5}, "material": "soft-plume"}], "school": "folded-shuttle", "natural": "olive dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:45:49.118751+00', '2026-11-28 05:45:49.118751+00', NULL, 'olive dun', 'curved', '{biot,soft-plume,wire}', 'Bridge Shuttle
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
For olives under the road bridge, fished in the slack behind the second arch.', 'half-down', NULL, DEFAULT, 0);
INSERT INTO public.pattern VALUES ('db2b271e-d2b9-49f5-8a24-c3e6f7861ebf', 'Cobble Stone', 'palmered-stone', 8, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 8, "shape": "straight", "wireSteps": 0, "lengthSteps": 1}, "name": "Cobble Stone", "notes": "The bank side of the Quennet in a spate. Tie the rib down hard, it holds everything.", "parts": [{"part": "tail", "count": 4, "splay": 30, "length": {"rule": "gap", "factor": 1}, "material": "tail-barb"}, {"part": "rib", "turns": 5, "material": "wire"}, {"part": "body", "wires": 3.2, "material": "body-yarn"}, {"barb": {"rule": "gap", "factor": 1}, "part": "palmered-hackle", "trim": "full", "turns": 9, "feather": 0, "material": "dry-hackle"}, {"lift": 10, "part": "hair-wing", "count": 24, "length": {"rule": "hook-length", "factor": 0.95}, "material": "deer-hair"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 4, "feather": 0, "material": "dry-hackle"}], "school": "palmered-stone", "natural": "large stonefly"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:45:49.126416+00', '2026-11-28 05:45:49.126416+00', NULL, 'large stonefly', 'straight', '{body-yarn,deer-hair,dry-hackle,tail-barb,wire}', 'Cobble Stone
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
The bank side of the Quennet in a spate. Tie the rib down hard, it holds everything.', 'on-tips', NULL, DEFAULT, 0);
INSERT INTO public.pattern VALUES ('538f0e95-ddc8-4e74-b26c-1707f1008d3b', 'Kept Dun', 'upright-collar', 14, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 14, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Kept Dun", "notes": "Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.", "parts": [{"part": "tail", "count": 8, "splay": 30, "length": {"rule": "hook-length", "factor": 1}, "material": "tail-barb"}, {"part": "body", "wires": 2.4, "material": "dry-dubbing"}, {"part": "upright-wing", "length": {"rule": "shank", "factor": 1}, "material": "wing-tips"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 5, "feather": 0, "material": "dry-hackle"}], "school": "upright-collar", "natural": "autumn dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 1, '2026-11-28 05:45:48.933955+00', '2026-11-28 05:45:55.046479+00', NULL, 'autumn dun', 'straight', '{dry-dubbing,dry-hackle,tail-barb,wing-tips}', 'Kept Dun
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
Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.', NULL, NULL, DEFAULT, 1);
INSERT INTO public.pattern VALUES ('0b302725-b5fd-46f9-95b6-8c770883085a', 'Deep Lodger', 'forward-plume', 12, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 12, "shape": "curved", "wireSteps": 1, "lengthSteps": 0}, "name": "Deep Lodger", "notes": "Hangs deep and grips. Past a second fish it is an honest wet fly.", "parts": [{"part": "body", "wires": 1.5, "material": "thread"}, {"lift": 30, "part": "forward-plume", "count": 5, "length": {"rule": "hook-length", "factor": 1}, "material": "soft-plume"}], "school": "forward-plume", "natural": "autumn dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:45:49.133218+00', '2026-11-28 05:45:49.133218+00', NULL, 'autumn dun', 'curved', '{soft-plume,thread}', 'Deep Lodger
autumn dun
Forward-plume hanger
body
thread
Waterproofed tying thread
forward plume
soft plume
Soft plume (CDC feather)
Hangs deep and grips. Past a second fish it is an honest wet fly.', 'hanging', NULL, DEFAULT, 0);

INSERT INTO public.pattern_step VALUES ('538f0e95-ddc8-4e74-b26c-1707f1008d3b', 0, '', '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 14, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Lantern Dun", "notes": "Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.", "parts": [{"part": "tail", "count": 8, "splay": 30, "length": {"rule": "hook-length", "factor": 1}, "material": "tail-barb"}, {"part": "body", "wires": 2.4, "material": "dry-dubbing"}, {"part": "upright-wing", "length": {"rule": "shank", "factor": 1}, "material": "wing-tips"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 5, "feather": 0, "material": "dry-hackle"}], "school": "upright-collar", "natural": "autumn dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', '2026-11-28 05:45:55.010408+00');
INSERT INTO public.pattern_step VALUES ('538f0e95-ddc8-4e74-b26c-1707f1008d3b', 1, 'named Kept Dun', '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 14, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Kept Dun", "notes": "Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.", "parts": [{"part": "tail", "count": 8, "splay": 30, "length": {"rule": "hook-length", "factor": 1}, "material": "tail-barb"}, {"part": "body", "wires": 2.4, "material": "dry-dubbing"}, {"part": "upright-wing", "length": {"rule": "shank", "factor": 1}, "material": "wing-tips"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 5, "feather": 0, "material": "dry-hackle"}], "school": "upright-collar", "natural": "autumn dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', '2026-11-28 05:45:55.043517+00');

ALTER TABLE ONLY public.flyway_schema_history
    ADD CONSTRAINT flyway_schema_history_pk PRIMARY KEY (installed_rank);

ALTER TABLE ONLY public.house_school
    ADD CONSTRAINT house_school_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.own_hook
    ADD CONSTRAINT own_hook_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.own_material_value
    ADD CONSTRAINT own_material_value_pkey PRIMARY KEY (material, property);

ALTER TABLE ONLY public.pattern
    ADD CONSTRAINT pattern_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.pattern_step
    ADD CONSTRAINT pattern_step_pkey PRIMARY KEY (pattern_id, number);

CREATE INDEX flyway_schema_history_s_idx ON public.flyway_schema_history USING btree (success);

CREATE INDEX pattern_by_change ON public.pattern USING btree (updated_at) WHERE (deleted_at IS NULL);

CREATE INDEX pattern_by_hook ON public.pattern USING btree (hook_size) WHERE (deleted_at IS NULL);

CREATE INDEX pattern_by_materials ON public.pattern USING gin (materials);

CREATE INDEX pattern_by_name ON public.pattern USING btree (lower((name)::text)) WHERE (deleted_at IS NULL);

CREATE INDEX pattern_by_natural ON public.pattern USING btree (lower((natural_insect)::text)) WHERE (deleted_at IS NULL);

CREATE INDEX pattern_by_posture ON public.pattern USING btree (posture) WHERE (deleted_at IS NULL);

CREATE INDEX pattern_by_school ON public.pattern USING btree (school) WHERE (deleted_at IS NULL);

CREATE INDEX pattern_by_words ON public.pattern USING gin (search);

CREATE INDEX pattern_without_posture ON public.pattern USING btree (updated_at) WHERE ((posture IS NULL) AND (deleted_at IS NULL));

ALTER TABLE ONLY public.pattern_step
    ADD CONSTRAINT pattern_step_pattern_id_fkey FOREIGN KEY (pattern_id) REFERENCES public.pattern(id) ON DELETE CASCADE;

