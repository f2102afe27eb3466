import { speak } from './language';

/** Loads another language than English, before the first screen. */
export async function learn(language: 'de' | 'pseudo'): Promise<void> {
  if (language === 'pseudo') {
    const { stretched } = await import('./pseudo');
    speak((_place, english) => stretched(english));
    return;
  }
  const { german } = await import('./de/german');
  speak((place) => german[place]);
}
