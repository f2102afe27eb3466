-- A job is a row of entries: each one's body once, in order, with what the registers said when it was made. The tables that
-- stay (readings, fills, tightenings, parts, waste …) are made from them, for constraints, trace and lists.
CREATE TABLE entry (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL,
  job_id UUID NOT NULL,
  kind VARCHAR(24) NOT NULL,
  body LONGTEXT NOT NULL CHECK (JSON_VALID(body)),
  known LONGTEXT NOT NULL CHECK (JSON_VALID(known)),
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY entry_of (job_id, seq),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT i.id, i.seq, i.job_id, 'identification',
       JSON_OBJECT('end', i.brake_end, 'sheetRevisionId', i.sheet_revision_id, 'stampedLimit',
         JSON_COMPACT(IF(i.stamped_limit_mm IS NULL, 'null', JSON_OBJECT('limitMm', i.stamped_limit_mm, 'atLimitIsWorn',
           JSON_COMPACT(CASE WHEN i.stamped_at_is_worn IS NULL THEN 'null' WHEN i.stamped_at_is_worn THEN 'true' ELSE 'false' END))))),
       'null', i.at, i.by_person
  FROM identification i;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT m.id, m.seq, m.job_id, 'measurement',
       JSON_OBJECT('end', m.brake_end, 'part', m.part, 'gaugeId', m.gauge_id, 'basis', m.basis, 'pointCount', m.point_count),
       JSON_OBJECT('gauge', JSON_OBJECT('name', g.name, 'kind', g.kind, 'resolutionMm', m.resolution_mm, 'uncertaintyMm', m.uncertainty_mm,
         'anvils', m.anvils, 'calibrationDueOn', m.calibration_due_on, 'retired', JSON_COMPACT('false'))),
       m.at, m.by_person
  FROM measurement m JOIN gauge g ON g.id = m.gauge_id;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT r.id, r.seq, m.job_id, 'reading',
       JSON_OBJECT('measurementId', r.measurement_id, 'place', r.place, 'valueMm', r.value_mm, 'typed', r.typed, 'via', r.via, 'replaces', r.replaces),
       'null', r.at, r.by_person
  FROM reading r JOIN measurement m ON m.id = r.measurement_id;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT l.id, l.seq, m.job_id, 'look',
       JSON_OBJECT('measurementId', l.measurement_id, 'subject', l.subject, 'seen', JSON_COMPACT(IF(l.seen, 'true', 'false'))),
       'null', l.at, l.by_person
  FROM look l JOIN measurement m ON m.id = l.measurement_id;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT l.id, l.seq, l.job_id, 'look-over',
       JSON_OBJECT('end', l.brake_end, 'area', l.area, 'found', JSON_COMPACT(l.found), 'words', l.words),
       'null', l.at, l.by_person
  FROM look_over l;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT f.id, f.seq, f.job_id, 'fitting',
       JSON_OBJECT('end', f.brake_end, 'part', f.part, 'description', f.description, 'condition', f.fitted_as, 'compound', f.compound,
         'organicOnly', JSON_COMPACT(IF(f.organic_only, 'true', 'false')), 'construction', f.construction, 'newMm', f.new_mm, 'stampedLimit',
         JSON_COMPACT(IF(f.stamped_limit_mm IS NULL, 'null', JSON_OBJECT('limitMm', f.stamped_limit_mm, 'atLimitIsWorn',
           JSON_COMPACT(CASE WHEN f.stamped_at_is_worn IS NULL THEN 'null' WHEN f.stamped_at_is_worn THEN 'true' ELSE 'false' END)))),
         'cameOffFor', f.came_off_for, 'rebedding', f.rebedding),
       'null', f.at, f.by_person
  FROM fitting f;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT t.id, t.seq, t.job_id, 'tightening',
       JSON_OBJECT('end', t.brake_end, 'fastener', t.fastener, 'wrenchId', t.wrench_id, 'setNm', t.set_nm, 'treatment', t.treatment, 'asked',
         JSON_COMPACT(IF(t.asked_source = '', 'null', JSON_OBJECT('loNm', t.lo_nm, 'hiNm', t.hi_nm, 'origin', t.origin, 'source', t.asked_source))),
         'crowfoot', JSON_COMPACT(COALESCE(t.crowfoot, 'null'))),
       JSON_OBJECT('wrench', JSON_OBJECT('id', t.wrench_id, 'name', w.name, 'kind', t.wrench_kind, 'maxNm', t.max_nm, 'markNm', t.mark_nm,
           'tolerance', t.tolerance, 'toleranceAssumed', JSON_COMPACT(IF(w.tolerance_assumed, 'true', 'false')),
           'calibrationDueOn', t.calibration_due_on, 'uses', t.uses_before),
         'boltCount', t.bolt_count, 'window', JSON_OBJECT('loNm', t.lo_nm, 'hiNm', t.hi_nm, 'namedNm', t.named_nm, 'origin', t.origin, 'tag', t.tag),
         'treatmentAsked', t.treatment_asked, 'retired', JSON_COMPACT('false')),
       t.at, t.by_person
  FROM tightening t JOIN wrench w ON w.id = t.wrench_id;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT k.id, k.seq, t.job_id, 'pass-mark',
       JSON_OBJECT('tighteningId', k.tightening_id, 'pass', k.pass, 'bolt', k.bolt, 'measuredNm', k.measured_nm, 'via', k.via),
       'null', k.at, k.by_person
  FROM pass_mark k JOIN tightening t ON t.id = k.tightening_id;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT g.id, g.seq, t.job_id, 'clamp-gaps',
       JSON_OBJECT('tighteningId', g.tightening_id, 'oneMm', g.one_mm, 'otherMm', g.other_mm),
       'null', g.at, g.by_person
  FROM clamp_gaps g JOIN tightening t ON t.id = g.tightening_id;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT t.id, t.seq, t.job_id, 'part-taken',
       JSON_OBJECT('end', t.brake_end, 'stockId', t.stock_id, 'pieces', t.pieces, 'batch', t.batch),
       JSON_OBJECT('part', l.part, 'description', l.description, 'lastBatch', t.batch, 'count', t.pieces),
       t.at, t.by_person
  FROM part_taken t JOIN stock_line l ON l.id = t.stock_id;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT f.id, f.seq, f.job_id, 'fill',
       JSON_OBJECT('end', f.brake_end, 'containerId', f.container_id, 'ml', f.ml, 'colour', f.colour),
       JSON_OBJECT('container', JSON_OBJECT('label', c.label, 'lot', c.lot,
         'fluid', JSON_COMPACT(IF(c.family = 'mineral', JSON_OBJECT('family', c.family, 'blend', c.fluid_name), JSON_OBJECT('family', c.family, 'grade', c.fluid_name))),
         'sizeMl', c.size_ml, 'remainingMl', f.ml, 'openedOn', c.opened_on, 'printedUseBy', c.printed_use_by,
         'monthsAfterOpening', c.months_after_opening, 'condition', c.looks, 'writtenOff', JSON_COMPACT('false'))),
       f.at, f.by_person
  FROM fill f JOIN container c ON c.id = f.container_id;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT b.id, b.seq, f.job_id, 'fluid-back', JSON_OBJECT('fillId', b.fill_id, 'ml', b.ml), 'null', b.at, b.by_person
  FROM fluid_back b JOIN fill f ON f.id = b.fill_id;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT w.id, w.seq, w.job_id, 'waste', JSON_OBJECT('end', w.brake_end, 'family', w.family, 'ml', w.ml), 'null', w.at, w.by_person
  FROM waste w;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT t.id, t.seq, t.job_id, 'test', JSON_OBJECT('test', t.test, 'end', t.brake_end, 'outcome', t.outcome, 'words', ''), 'null', t.at, t.by_person
  FROM test t;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT t.id, t.seq, t.job_id, t.kind, CASE WHEN t.takes_back IS NOT NULL THEN JSON_OBJECT('of', t.takes_back) WHEN t.kind = 'ticked' THEN JSON_INSERT(t.body, '$.words', '') ELSE t.body END, 'null', t.at, t.by_person
  FROM told t;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT c.id, c.seq, c.job_id, 'plan-choice',
       JSON_OBJECT('procedures', JSON_COMPACT(c.procedures), 'bleed', JSON_COMPACT(c.bleed), 'again', JSON_COMPACT(c.again), 'agreed', c.agreed, 'words', c.words),
       'null', c.at, c.by_person
  FROM plan_choice c;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT s.id, s.seq, s.job_id, 'plan-step',
       JSON_OBJECT('step', s.step, 'end', s.brake_end, 'outcome', s.outcome, 'reason', s.reason, 'after', s.after_step),
       'null', s.at, s.by_person
  FROM plan_step s;

INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT p.id, p.seq, p.job_id, 'photo', JSON_OBJECT('end', p.brake_end, 'area', p.area, 'sha256', p.sha256), 'null', p.at, p.by_person
  FROM photo p;

-- A decision stands under the rules it was made under; those that older versions took are taken to be of the rules in force now.
INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT d.id, d.seq, d.job_id, 'decision',
       JSON_OBJECT('end', d.brake_end, 'subject', d.subject, 'decision', d.decision, 'words', d.words, 'rulesVersion',
         COALESCE((SELECT MAX(r.version) FROM shop_rules r), 0)),
       'null', d.at, d.by_person
  FROM decision d;

-- An edit's own place in the order is that of the last write its maker had accepted by then.
INSERT IGNORE INTO entry (id, seq, job_id, kind, body, known, at, by_person)
SELECT w.id, w.seq, c.job_id, 'edit', JSON_OBJECT('was', JSON_COMPACT(c.was), 'became', JSON_COMPACT(c.became)), 'null', c.changed_at, c.changed_by
  FROM job_change c JOIN accepted_write w ON w.seq =
       (SELECT MAX(n.seq) FROM accepted_write n WHERE n.person_id = c.changed_by AND n.accepted_at <= c.changed_at);

-- A verdict is judged anew wherever it is shown; the last one kept is what lists and charts go by.
DROP TABLE look;
DROP TABLE look_over;
DROP TABLE pass_mark;
DROP TABLE clamp_gaps;
DROP TABLE test;
DROP TABLE told;
DROP TABLE plan_choice;
DROP TABLE plan_step;
DROP TABLE decision;

CREATE TRIGGER IF NOT EXISTS sealed_entry BEFORE INSERT ON entry FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
