-- A pattern is found by the colours of its parts too: the application fills its words in anew,
-- which it does for every pattern whose posture is not known.
update pattern set posture = null, posture_tries = 0;
