// What loads a part of the app later stands ready before anything asks for it.
import 'expo';
import { learn } from './src/words/language';
import { inForce, isPseudo } from './src/words/manner';

// The words are learned before the first screen is made: no screen changes its language while it is shown.
// eslint-disable-next-line @typescript-eslint/no-require-imports
const begin = () => void require('expo-router/entry');

const { language } = inForce.manner;
if (typeof document !== 'undefined') document.documentElement.lang = language;
if (isPseudo) void learn('pseudo').then(begin);
else if (language === 'en') begin();
else void learn(language).then(begin, begin);
