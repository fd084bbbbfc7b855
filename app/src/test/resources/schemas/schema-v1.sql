
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

INSERT INTO public.demo_load VALUES ('2026-11-28 05:32:25.536449+00');

INSERT INTO public.flyway_schema_history VALUES (1, '1', 'patterns', 'SQL', 'V1__patterns.sql', 1718154832, 'ripplerest', '2026-11-28 05:32:11.223323', 34, true);

INSERT INTO public.pattern VALUES ('3cc837c2-19d5-40f1-9258-a932e21ee210', 'Ember Quill', 'upright-collar', 16, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 16, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Ember Quill", "notes": "Clipped below so that it sits down in the film. For the pale evening spinner when nothing stands up any more.", "parts": [{"part": "tail", "count": 6, "splay": 30, "length": {"rule": "hook-length", "factor": 1}, "material": "tail-barb"}, {"part": "body", "wires": 1.8, "material": "dry-dubbing"}, {"part": "upright-wing", "length": {"rule": "shank", "factor": 0.95}, "material": "wing-tips"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "below", "turns": 5, "feather": 0, "material": "dry-hackle"}], "school": "upright-collar"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:32:25.847021+00', '2026-11-28 05:32:25.847021+00', NULL);
INSERT INTO public.pattern VALUES ('9038c2f4-80ae-4f8a-b391-3b93098dc0ef', 'Heather Ghost', 'parachute', 18, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 18, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Heather Ghost", "notes": "Small dark midge. Barbs pinned at 6 mm: the only cape left in the hut runs no smaller.", "parts": [{"part": "tail", "count": 4, "splay": 30, "length": {"rule": "hook-length", "factor": 1.05}, "material": "tail-barb"}, {"part": "body", "wires": 2, "material": "dry-dubbing"}, {"part": "post", "length": {"rule": "shank", "factor": 0.85}, "material": "post-yarn"}, {"barb": {"unit": "mm", "value": 6}, "part": "parachute-hackle", "droop": 6, "turns": 3, "feather": 0, "material": "dry-hackle"}], "school": "parachute"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 9, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:32:25.868095+00', '2026-11-28 05:32:25.868095+00', NULL);
INSERT INTO public.pattern VALUES ('7b5e74a6-495f-4550-9c18-060088eeacb5', 'Quennet Bristle', 'upright-collar', 12, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 12, "shape": "straight", "wireSteps": 1, "lengthSteps": 0}, "name": "Quennet Bristle", "notes": "Seven turns for the broken water under the weir. Drowns less than the sparse one.", "parts": [{"part": "tail", "count": 10, "splay": 30, "length": {"rule": "hook-length", "factor": 1}, "material": "tail-barb"}, {"part": "body", "wires": 3, "material": "dry-dubbing"}, {"part": "upright-wing", "length": {"rule": "shank", "factor": 1}, "material": "wing-tips"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 7, "feather": 0, "material": "dry-hackle"}], "school": "upright-collar"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 0, '2026-11-28 05:32:25.876789+00', '2026-11-28 05:32:25.876789+00', NULL);
INSERT INTO public.pattern VALUES ('4404a216-24b5-471f-af53-656c9b2d66d3', 'Kept Dun', 'upright-collar', 14, '{"format": "ripple-rest/pattern", "pattern": {"hook": {"size": 14, "shape": "straight", "wireSteps": 0, "lengthSteps": 0}, "name": "Kept Dun", "notes": "Autumn dun, evenings on the lower Quennet. Came back from four loans with the hackle still standing.", "parts": [{"part": "tail", "count": 8, "splay": 30, "length": {"rule": "hook-length", "factor": 1}, "material": "tail-barb"}, {"part": "body", "wires": 2.4, "material": "dry-dubbing"}, {"part": "upright-wing", "length": {"rule": "shank", "factor": 1}, "material": "wing-tips"}, {"barb": {"rule": "gap", "factor": 1.75}, "part": "collar-hackle", "trim": "full", "turns": 5, "feather": 0, "material": "dry-hackle"}], "school": "upright-collar"}, "version": 2, "conditions": {"floatant": "gel", "filmFactor": 1, "temperature": 12, "touchdownFactor": 2, "falseCastsPerMinute": 0.7}}', 1, '2026-11-28 05:32:25.350142+00', '2026-11-28 05:32:35.748634+00', NULL);

ALTER TABLE ONLY public.flyway_schema_history
    ADD CONSTRAINT flyway_schema_history_pk PRIMARY KEY (installed_rank);

ALTER TABLE ONLY public.pattern
    ADD CONSTRAINT pattern_pkey PRIMARY KEY (id);

CREATE INDEX flyway_schema_history_s_idx ON public.flyway_schema_history USING btree (success);

CREATE INDEX pattern_by_name ON public.pattern USING btree (lower((name)::text)) WHERE (deleted_at IS NULL);

