-- Values that sheets did not have before: silent until somebody writes them in.
UPDATE spec_sheet_revision SET body = JSON_INSERT(body, '$.pads.limits', JSON_OBJECT(), '$.pads.schools', JSON_ARRAY());
UPDATE spec_sheet_revision SET body = JSON_INSERT(body, '$.hose.banjoSeals', '') WHERE JSON_TYPE(JSON_EXTRACT(body, '$.hose')) = 'OBJECT';
