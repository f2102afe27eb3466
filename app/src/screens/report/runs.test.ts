import * as fc from 'fast-check';
import { runsOf } from './runs';

it('sets a name in the faces that have its letters', () => {
  expect(runsOf('Paweł Šimon')).toEqual([
    { text: 'Pawe' },
    { text: 'ł', font: 'BarlowExtended' },
    { text: ' ' },
    { text: 'Š', font: 'BarlowExtended' },
    { text: 'imon' },
  ]);
  expect(runsOf('Größe')).toEqual([{ text: 'Größe' }]);
  expect(runsOf('')).toEqual([{ text: '' }]);
});

it('loses no letter of any text', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), (text) => {
      expect(
        runsOf(text)
          .map((run) => run.text)
          .join(''),
      ).toBe(text.normalize('NFC'));
    }),
  );
});
