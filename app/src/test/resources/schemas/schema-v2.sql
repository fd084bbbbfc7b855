
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

CREATE TABLE public.pattern (
    id uuid NOT NULL,
    name character varying(80) NOT NULL,
    school character varying(60) NOT NULL,
    hook_size integer NOT NULL,
    document jsonb NOT NULL,
    revision bigint NOT NULL,
    created_at timestamp with time zone NOT NULL,
    updated_at timestamp with time zone NOT NULL,
    deleted_at timestamp with time zone
);

INSERT INTO public.demo_load VALUES ('2026-11-28 05:38:04.069213+00');

INSERT INTO public.flyway_schema_history VALUES (1, '1', 'patterns', 'SQL', 'V1__patterns.sql', 1718154832, 'ripplerest', '2026-11-28 05:37:44.695175', 30, true);
INSERT INTO public.flyway_schema_history VALUES (2, '2', 'hooks and house schools', 'SQL', 'V2__hooks_and_house_schools.sql', -1078990986, 'ripplerest', '2026-11-28 05:37:44.881421', 13, true);

INSERT INTO public.house_school VALUES ('house-old-hut-way', 'Old hut way', 'parachute', '{}');

INSERT INTO public.own_hook VALUES ('0c312b02-cf6f-422a-ab8a-4772f2364733', 'Old hut long', 12, 'STRAIGHT', 9.1, 4.5, 0.46, 1.1, 310);

INSERT INTO public.pattern VALUES ('fb6157e3-a1b7-48a5-ab57-52f3636f73be', 'Bridge Shuttle', 'folded-shuttle', 12, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 12, "shape": "curved", "wireSteps": 0, "lengthSteps": 0}, "name": "Bridge Shuttle", "notes": "For olives under the road bridge, fished in the slack behind the second arch.", "parts": [{"part": "rib", "turns": 5, "material": "wire"}, {"part": "body", "wires": 1.5, "material": "biot"}, {"part": "folded-shuttle", "count": 5, "length": {"rule": "shank", "factor": 0.5}, "material": "soft-plume"}], "school": "folded-shuttle", "natural": ""}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:38:04.174885+00', '2026-11-28 05:38:04.174885+00', NULL);
INSERT INTO public.pattern VALUES ('4b3fa107-f563-4b22-bcdc-e02f3e40610a', 'Cobble Stone', 'palmered-stone', 8, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 8, "shape": "straight", "wireSteps": 0, "lengthSteps": 1}, "name": "Cobble Stone", "notes": "The bank side of the Quennet in a spate. Tie the rib down hard, it holds everything.", "parts": [{"part": "tail", "count": 4, "splay": 30, "length": {"rule": "gap", "factor": 1}, "material": "tail-barb"}, {"part": "rib", "turns": 5, "material": "wire"}, {"part": "body", "wires": 3.2, "material": "body-yarn"}, {"barb": {"rule": "gap", "factor": 1}, "part": "palmered-hackle", "trim": "full", "turns": 9, "feather": 0, "material": "dry-hackle"}, {"lift": 10, "part": "hair-wing", "count": 24, "length": {"rule": "hook-length", "factor": 0.95}, "material": "deer-hair"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 4, "feather": 0, "material": "dry-hackle"}], "school": "palmered-stone", "natural": ""}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:38:04.185938+00', '2026-11-28 05:38:04.185938+00', NULL);
INSERT INTO public.pattern VALUES ('88d1b9b1-fe22-4912-922e-00acb97e31b7', 'Deep Lodger', 'forward-plume', 12, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 12, "shape": "curved", "wireSteps": 1, "lengthSteps": 0}, "name": "Deep Lodger", "notes": "Hangs deep and grips. Past a second fish it is an honest wet fly.", "parts": [{"part": "body", "wires": 1.5, "material": "thread"}, {"lift": 30, "part": "forward-plume", "count": 5, "length": {"rule": "hook-length", "factor": 1}, "material": "soft-plume"}], "school": "forward-plume", "natural": ""}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:38:04.191116+00', '2026-11-28 05:38:04.191116+00', NULL);
INSERT INTO public.pattern VALUES ('3e6ffa35-47c2-407d-bf85-f2a3d9dfa23e', 'Kept Dun', 'upright-collar', 14, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 14, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Kept Dun", "notes": "Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.", "parts": [{"part": "tail", "count": 8, "splay": 30, "length": {"rule": "hook-length", "factor": 1}, "material": "tail-barb"}, {"part": "body", "wires": 2.4, "material": "dry-dubbing"}, {"part": "upright-wing", "length": {"rule": "shank", "factor": 1}, "material": "wing-tips"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 5, "feather": 0, "material": "dry-hackle"}], "school": "upright-collar", "natural": ""}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 1, '2026-11-28 05:38:03.986059+00', '2026-11-28 05:38:17.172518+00', NULL);

ALTER TABLE ONLY public.flyway_schema_history
    ADD CONSTRAINT flyway_schema_history_pk PRIMARY KEY (installed_rank);

ALTER TABLE ONLY public.house_school
    ADD CONSTRAINT house_school_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.own_hook
    ADD CONSTRAINT own_hook_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.pattern
    ADD CONSTRAINT pattern_pkey PRIMARY KEY (id);

CREATE INDEX flyway_schema_history_s_idx ON public.flyway_schema_history USING btree (success);

CREATE INDEX pattern_by_name ON public.pattern USING btree (lower((name)::text)) WHERE (deleted_at IS NULL);

