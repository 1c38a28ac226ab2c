-- Ten years of a busy shop, laid by the database itself; $jobs and $bakes are numbers, $user, $oven, $powder ids.
-- Rows of the past have ids from a million on; what hangs today from two million on.
SET SESSION foreign_key_checks = 0, unique_checks = 0;
SET @of = 1000000, @begin = NOW(3) - INTERVAL 3651 DAY, @each = 3650 * 1440 / $jobs, @bake = 3650 * 1440 / $bakes;

INSERT INTO customers (id, name) SELECT @of + seq, CONCAT('Landing stage ', seq) FROM seq_1_to_2000;
INSERT INTO jobs (id, number, customer_id, title, due_on, status, created_by, created_at)
    SELECT @of + seq, 200000 + seq, @of + 1 + seq % 2000,
        CONCAT(ELT(1 + seq % 7, 'railing', 'bollards', 'bench', 'lamp', 'gate', 'boat', 'sign'), ' ', seq),
        DATE(@begin + INTERVAL seq * @each MINUTE), 'released', $user, @begin + INTERVAL seq * @each MINUTE
    FROM seq_1_to_$jobs;
INSERT INTO parts (id, job_id, name, count, metal, mass_kg, area_m2)
    SELECT @of + seq, @of + seq, ELT(1 + seq % 5, 'rail', 'bollard', 'bench end', 'bracket', 'arm'), 1 + seq % 20,
        ELT(1 + seq % 3, 'carbon_steel', 'cast_iron', 'aluminium'), 2 + seq % 40, 0.2 + (seq % 20) / 10
    FROM seq_1_to_$jobs;
INSERT INTO coats (id, part_id, position, powder_id, role)
    SELECT @of + seq, @of + seq, 1, $powder, 'base' FROM seq_1_to_$jobs;
INSERT INTO batches (id, part_id, number, count, station, status, born_at, ended_at)
    SELECT id, id, 1, count, 'release', 'released', @begin + INTERVAL (id - @of) * @each MINUTE,
        @begin + INTERVAL (id - @of) * @each + 3000 MINUTE
    FROM parts WHERE id > @of;
INSERT INTO batch_events (job_id, batch_id, user_id, kind, from_station, to_station, at)
    SELECT l.id, l.id, $user, IF(s.seq = 8, 'released', 'sent_on'),
        ELT(s.seq, 'intake', 'strip', 'blast', 'wash', 'mask-and-hang', 'coat', 'cure', 'release'), 'release', l.ended_at
    FROM batches l, seq_1_to_8 s WHERE l.id > @of;
INSERT INTO step_completions (batch_id, step, outcome, source, done_at, user_id, at)
    SELECT l.id, ELT(s.seq, 'degrease', 'blast', 'wash', 'dry', 'mask', 'hang', 'coat', 'cure'), 'done', 'logged',
        l.ended_at, $user, l.ended_at
    FROM batches l, seq_1_to_8 s WHERE l.id > @of;
INSERT INTO oven_loads (id, oven_id, status, setpoint_c, minutes, door_open_s, ambient_c, way, margin, overbake_limit,
        shut_at, pulled_at, created_by, shut_by, pulled_by, kind, target_c, hold_minutes)
    SELECT @of + seq, $oven + seq % 2, 'pulled', 195, 34, 60, 20, 'window', 0.1, 0.85,
        @begin + INTERVAL seq * @bake MINUTE, @begin + INTERVAL seq * @bake + 34 MINUTE, $user, $user, $user,
        IF(seq % 5 = 0, 'bake_out', 'cure'), IF(seq % 5 = 0, 205, NULL), IF(seq % 5 = 0, 45, NULL)
    FROM seq_1_to_$bakes;
INSERT INTO oven_load_items (id, oven_load_id, coat_id, count, part_id, batch_id)
    SELECT p.id, l.id, IF(l.kind = 'cure', p.id, NULL), p.count, p.id, p.id
    FROM parts p JOIN oven_loads l ON l.id = @of + 1 + (p.id - @of - 1) % $bakes WHERE p.id > @of;
INSERT INTO oven_results (oven_load_id, oven_load_item_id, coat_id, dose, overbake, window_minutes, reaches_minutes,
        peak_c, metal_minutes, fresh, state, part_id, batch_id, reached, held_minutes, at)
    SELECT l.id, i.id, i.coat_id, 1.3, 0.4, 14, 18, 193, 12, 1, IF(i.coat_id IS NULL, NULL, 'cured'), i.part_id,
        i.batch_id, IF(i.coat_id IS NULL, 1, NULL), IF(i.coat_id IS NULL, 45, NULL), l.pulled_at
    FROM oven_load_items i JOIN oven_loads l ON l.id = i.oven_load_id WHERE i.id > @of;
INSERT INTO readings (oven_load_id, oven_load_item_id, at, shown_c, set_emissivity, celsius, source, user_id)
    SELECT l.id, i.id, l.shut_at + INTERVAL r.seq MINUTE, 100 + 4 * r.seq, 0.93, 100 + 4 * r.seq, 'typed', $user
    FROM oven_load_items i JOIN oven_loads l ON l.id = i.oven_load_id, seq_1_to_20 r WHERE i.id > @of;
INSERT INTO inspections (coat_id, kind, verdict, user_id, at, batch_id, rubs, rating)
    SELECT id, 'solvent_rub', 'pass', $user, ended_at, id, 50, 5 FROM batches WHERE id > @of;
INSERT INTO step_timers (part_id, batch_id, step, label, started_at, due_at, done_at, user_id)
    SELECT id, id, 'bare_steel', 'bare steel', born_at, ended_at, ended_at, $user FROM batches WHERE id > @of;

-- The logbook, kinds one after the other as a day brings them: line 8n + k is of kind k.
INSERT INTO logbook (id, kind, subject, event, part_id, batch_id, user_id, at)
    SELECT @of + 8 * (l.id - @of) + k.seq, ELT(k.seq, 'media', 'blast', 'ground', 'coat'),
        IF(k.seq = 1, ELT(1 + l.id % 3, 'garnet', 'glass_bead', 'alumina'), NULL),
        IF(k.seq = 1, IF((l.id DIV 3) % 40 = 0, 'new', 'shot'), NULL), l.id, l.id, $user, l.ended_at
    FROM batches l, seq_1_to_4 k WHERE l.id > @of;
INSERT INTO logbook (id, kind, subject, user_id, at)
    SELECT @of + 8 * (l.id - @of) + k.seq, IF(k.seq = 5, 'air', 'bath'),
        IF(k.seq = 5, NULL, ELT(1 + (l.id DIV 9) % 2, 'iron_phosphate', 'rinse')), $user, l.ended_at
    FROM batches l, seq_5_to_6 k WHERE l.id > @of AND l.id % 9 = 0;
INSERT INTO logbook_figures (logbook_id, name, value)
    SELECT id, ELT(FIELD(kind, 'media', 'blast', 'ground', 'coat', 'air', 'bath'),
        'kg', 'actual_min', 'ohm', 'coat', 'air_c', 'ph'),
        ELT(FIELD(kind, 'media', 'blast', 'ground', 'coat', 'air', 'bath'),
        20 + id % 50, 10 + id % 20, 40 + id % 900, 1, 18 + id % 8, 5 + id % 10 / 10)
    FROM logbook WHERE id > @of;
INSERT INTO logbook_figures (logbook_id, name, value)
    SELECT id, ELT(FIELD(kind, 'blast', 'coat', 'air', 'bath'), 'planned_min', 'pieces', 'rh_pct', 'conductivity_us'),
        ELT(FIELD(kind, 'blast', 'coat', 'air', 'bath'), 15, 2, 40 + id % 30, 80 + id % 200)
    FROM logbook WHERE id > @of AND kind IN ('blast', 'coat', 'air', 'bath');

-- A job is found by its number, its title's words, its customer's, its part's; here also by rare ones.
INSERT IGNORE INTO words (word) VALUES ('railing'), ('bollards'), ('bench'), ('lamp'), ('gate'), ('boat'), ('sign'),
    ('landing'), ('stage');
INSERT INTO words (id, word) SELECT @of + seq, CAST(200000 + seq AS CHAR) FROM seq_1_to_$jobs;
INSERT IGNORE INTO words (id, word) SELECT 3 * @of + seq, CONCAT(ELT(1 + seq % 9, 'lan', 'rai', 'bol', 'ben', 'bra',
    'gat', 'sig', 'arm', 'pie'), LOWER(CONV(seq * 7919, 10, 36))) FROM seq_1_to_20000;
INSERT INTO job_words (word_id, job_id) SELECT id, id FROM jobs WHERE id > @of;
INSERT IGNORE INTO job_words (word_id, job_id)
    SELECT w.id, j.id FROM jobs j
    JOIN words w ON w.word = CONVERT(SUBSTRING_INDEX(j.title, ' ', 1) USING ascii) WHERE j.id > @of;
INSERT IGNORE INTO job_words (word_id, job_id)
    SELECT w.id, j.id FROM jobs j JOIN words w ON w.word IN ('landing', 'stage') WHERE j.id > @of;
INSERT IGNORE INTO job_words (word_id, job_id)
    SELECT 3 * @of + 1 + (j.id * 31 + s.seq * 977) % 20000, j.id FROM jobs j, seq_1_to_3 s WHERE j.id > @of;
INSERT INTO audit_entries (at, user_id, row_table, row_id, what, job_id)
    SELECT l.ended_at, $user, 'batches', l.id, 'updated', l.id FROM batches l, seq_1_to_15 t WHERE l.id > @of;

-- What hangs today beside the demo's own: forty jobs in eighty lots, over the stations.
INSERT INTO jobs (id, number, customer_id, title, due_on, status, created_by, created_at)
    SELECT 2 * @of + seq, 900000 + seq, @of + seq, CONCAT('promenade rail ', seq), CURDATE() + INTERVAL seq % 20 DAY,
        'open', $user, NOW() FROM seq_1_to_40;
INSERT INTO parts (id, job_id, name, count, metal, mass_kg, area_m2)
    SELECT id, id, 'rail', 10, 'carbon_steel', 6, 0.8 FROM jobs WHERE id > 2 * @of;
INSERT INTO coats (part_id, position, powder_id, role) SELECT id, 1, $powder, 'base' FROM parts WHERE id > 2 * @of;
INSERT INTO batches (part_id, number, count, station, status, born_at)
    SELECT p.id, l.seq, 5, ELT(1 + (2 * p.id + l.seq) % 10, 'intake', 'strip', 'blast', 'bake-out', 'wash',
        'mask-and-hang', 'coat', 'cure', 'inspect', 'release'), 'open', NOW(3)
    FROM parts p, seq_1_to_2 l WHERE p.id > 2 * @of;
ANALYZE TABLE jobs, parts, batches, batch_events, oven_loads, oven_load_items, readings, logbook, logbook_figures, step_completions,
    job_words, words, audit_entries, oven_results, step_timers, inspections;
