import { type AnyBelt, isAdultBelt } from '../../src/core/vocabulary';
import type { DemoAthlete } from '../academy/types';
import type { Kit } from './drawBody';

const beltColours: Readonly<Record<string, string>> = {
  white: '#f4f1e6',
  blue: '#2753a6',
  purple: '#6a3d91',
  brown: '#6b4423',
  black: '#16130f',
  grey: '#8d9196',
  yellow: '#e0bb2a',
  orange: '#d9782a',
  green: '#3d8a4a',
};

const cloth: Readonly<Record<DemoAthlete['kit'], { jacket: string; trousers: string; edge: string; gi: boolean }>> = {
  white: { jacket: '#ece7da', trousers: '#e2dccd', edge: '#7b7566', gi: true },
  blue: { jacket: '#35619f', trousers: '#2f588f', edge: '#16294a', gi: true },
  black: { jacket: '#3a3b3d', trousers: '#333436', edge: '#0f1011', gi: true },
  'rash-green': { jacket: '#3f7d58', trousers: '#24282a', edge: '#12211a', gi: false },
  'rash-plum': { jacket: '#7d3f66', trousers: '#2b2530', edge: '#2a1322', gi: false },
};

const skins = ['#e3b48f', '#c98f68', '#a56d48', '#f0c7a6', '#8a5a3c'];
const hairs = ['#2b1d14', '#5b3a20', '#171513', '#8a6a3a', '#3a2a22'];

/** The look of one athlete: kit from the script, belt from the person, skin and hair by a fixed draw from the key. */
export function kitOf(athlete: DemoAthlete, belt: AnyBelt): Kit {
  const draw = [...athlete.key].reduce((sum, letter) => sum + letter.charCodeAt(0), 0);
  const colour = isAdultBelt(belt) ? belt : belt.replace('child-', '').split('-')[0]!;
  return {
    ...cloth[athlete.kit],
    skin: skins[draw % skins.length]!,
    hair: hairs[(draw * 3) % hairs.length]!,
    belt: beltColours[colour] ?? '#f4f1e6',
  };
}
