
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
    search tsvector GENERATED ALWAYS AS (to_tsvector('simple'::regconfig, words)) STORED
);

INSERT INTO public.demo_load VALUES ('2026-11-28 05:43:17.446652+00');

INSERT INTO public.flyway_schema_history VALUES (1, '1', 'patterns', 'SQL', 'V1__patterns.sql', 1718154832, 'ripplerest', '2026-11-28 05:42:33.601506', 121, true);
INSERT INTO public.flyway_schema_history VALUES (2, '2', 'hooks and house schools', 'SQL', 'V2__hooks_and_house_schools.sql', -1078990986, 'ripplerest', '2026-11-28 05:42:34.120011', 70, true);
INSERT INTO public.flyway_schema_history VALUES (3, '3', 'book', 'SQL', 'V3__book.sql', -1077030432, 'ripplerest', '2026-11-28 05:42:34.392139', 90, true);

INSERT INTO public.house_school VALUES ('house-old-hut-way', 'Old hut way', 'parachute', '{}');

INSERT INTO public.own_hook VALUES ('6ba73e20-63a9-4812-9593-68516fe67a93', 'Old hut long', 12, 'STRAIGHT', 9.1, 4.5, 0.46, 1.1, 310);

INSERT INTO public.pattern VALUES ('74962530-78bf-41d9-8f89-2d18baa7ef52', 'Cobble Stone', 'palmered-stone', 8, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 8, "shape": "straight", "wireSteps": 0, "lengthSteps": 1}, "name": "Cobble Stone", "notes": "The bank side of the Quennet in a spate. Tie the rib down hard, it holds everything.", "parts": [{"part": "tail", "count": 4, "splay": 30, "length": {"rule": "gap", "factor": 1}, "material": "tail-barb"}, {"part": "rib", "turns": 5, "material": "wire"}, {"part": "body", "wires": 3.2, "material": "body-yarn"}, {"barb": {"rule": "gap", "factor": 1}, "part": "palmered-hackle", "trim": "full", "turns": 9, "feather": 0, "material": "dry-hackle"}, {"lift": 10, "part": "hair-wing", "count": 24, "length": {"rule": "hook-length", "factor": 0.95}, "material": "deer-hair"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 4, "feather": 0, "material": "dry-hackle"}], "school": "palmered-stone", "natural": "large stonefly"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:43:17.681748+00', '2026-11-28 05:43:17.681748+00', NULL, 'large stonefly', 'straight', '{body-yarn,deer-hair,dry-hackle,tail-barb,wire}', 'Cobble Stone
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
The bank side of the Quennet in a spate. Tie the rib down hard, it holds everything.', NULL, NULL, DEFAULT);
INSERT INTO public.pattern VALUES ('d40cdcc8-8740-4115-9197-54f9e0af2193', 'Deep Lodger', 'forward-plume', 12, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 12, "shape": "curved", "wireSteps": 1, "lengthSteps": 0}, "name": "Deep Lodger", "notes": "Hangs deep and grips. Past a second fish it is an honest wet fly.", "parts": [{"part": "body", "wires": 1.5, "material": "thread"}, {"lift": 30, "part": "forward-plume", "count": 5, "length": {"rule": "hook-length", "factor": 1}, "material": "soft-plume"}], "school": "forward-plume", "natural": "autumn dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:43:17.70335+00', '2026-11-28 05:43:17.70335+00', NULL, 'autumn dun', 'curved', '{soft-plume,thread}', 'Deep Lodger
autumn dun
Forward-plume hanger
body
thread
Waterproofed tying thread
forward plume
soft plume
Soft plume (CDC feather)
Hangs deep and grips. Past a second fish it is an honest wet fly.', NULL, NULL, DEFAULT);
INSERT INTO public.pattern VALUES ('89e5b3ba-93ee-4a39-963e-a03e7acba9c7', 'Bridge Shuttle', 'folded-shuttle', 12, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 12, "shape": "curved", "wireSteps": 0, "lengthSteps": 0}, "name": "Bridge Shuttle", "notes": "For olives under the road bridge, fished in the slack behind the second arch.", "parts": [{"part": "rib", "turns": 5, "material": "wire"}, {"part": "body", "wires": 1.5, "material": "biot"}, {"part": "folded-shuttle", "count": 5, "length": {"rule": "shank", "factor": 0.5}, "material": "soft-plume"}], "school": "folded-shuttle", "natural": "olive dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:43:17.66385+00', '2026-11-28 05:43:17.66385+00', NULL, 'olive dun', 'curved', '{biot,soft-plume,wire}', 'Bridge Shuttle
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
For olives under the road bridge, fished in the slack behind the second arch.', 'half-down', NULL, DEFAULT);
INSERT INTO public.pattern VALUES ('b2016a73-685b-49eb-9853-83e725a5741b', 'Kept Dun', 'upright-collar', 14, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 14, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Kept Dun", "notes": "Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.", "parts": [{"part": "tail", "count": 8, "splay": 30, "length": {"rule": "hook-length", "factor": 1}, "material": "tail-barb"}, {"part": "body", "wires": 2.4, "material": "dry-dubbing"}, {"part": "upright-wing", "length": {"rule": "shank", "factor": 1}, "material": "wing-tips"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 5, "feather": 0, "material": "dry-hackle"}], "school": "upright-collar", "natural": "autumn dun"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 1, '2026-11-28 05:43:17.344571+00', '2026-11-28 05:43:25.683479+00', NULL, 'autumn dun', 'straight', '{dry-dubbing,dry-hackle,tail-barb,wing-tips}', 'Kept Dun
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
Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.', NULL, NULL, DEFAULT);

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

