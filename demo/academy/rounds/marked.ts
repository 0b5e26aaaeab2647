import { calls, type DemoRound } from '../types';

const sparring = { occasion: 'sparring', ruleSet: 'points-gi', theme: '', uniform: 'gi', filmed: false } as const;
const white = (key: string) => ({ key, kit: 'white' as const, toldApartBy: 'white gi' });
const blue = (key: string) => ({ key, kit: 'blue' as const, toldApartBy: 'blue gi' });

/** Rounds that were marked mat-side without footage. */
export const markedRounds: readonly DemoRound[] = [
  {
    ...sparring,
    key: 'ana-felix',
    daysAgo: 24,
    numberInSession: 1,
    seconds: 300,
    a: white('ana'),
    b: blue('felix'),
    calls: calls(`
      0:00 standing clinch
      0:20 ana seated guard pull finished
      0:21 ana open guard
      0:48 ana lets the passer settle punished >p
      0:57 felix knee slice finished #p
      0:58 felix side control
      1:10 ana frame with the elbow outside punished >k
      1:18 felix knee on belly #k
      1:40 ana knee on belly escape finished
      1:41 ana half guard
      1:55 ana flat in half guard punished >p2 >s2
      2:10 felix half guard pass with crossface finished #p2
      2:11 felix side control #s2
      2:40 felix mount
      3:05 felix americana locked declined
      3:20 ana elbow escape finished
      3:21 ana half guard
      3:50 ana good wins the underhook
      4:10 ana closed guard
      4:40 ana hip bump sweep tried
    `),
  },
  {
    ...sparring,
    key: 'marek-nadia',
    daysAgo: 24,
    numberInSession: 2,
    seconds: 240,
    a: white('marek'),
    b: blue('nadia'),
    calls: calls(`
      0:00 standing clinch
      0:25 marek inside trip finished
      0:26 marek top half guard
      0:40 nadia flat in half guard not punished
      1:00 nadia closed guard
      1:15 marek shoulders ahead of the hips punished >sw
      1:22 nadia scissor sweep finished #sw
      1:23 nadia mount
      1:35 marek bench press punished >arm
      1:42 nadia armbar control escaped #arm
      1:55 marek bridge and roll finished
      1:56 marek top closed guard
      2:20 marek shoulders ahead of the hips not punished
      2:45 marek guard open standing finished
      2:46 nadia open guard
      3:05 marek back bent while passing punished >tr
      3:12 nadia triangle control escaped #tr
      3:40 marek good posture in the guard
    `),
  },
  {
    ...sparring,
    key: 'teo-yara',
    daysAgo: 24,
    numberInSession: 3,
    seconds: 300,
    a: blue('teo'),
    b: white('yara'),
    calls: calls(`
      0:00 standing clinch
      0:22 yara seated guard pull finished
      0:23 yara de la riva guard
      0:45 teo passes with a hook still in punished >dlr
      0:55 yara de la riva sweep finished #dlr
      0:56 yara top open guard
      1:20 teo half guard
      1:35 teo good stays on the side under the pin
      1:50 teo half guard underhook come up finished
      1:51 teo top half guard
      2:05 teo underhook left uncontested punished >bk
      2:15 yara back take from half guard finished #bk
      2:16 yara seat belt without hooks
      2:40 teo turtle to guard finished
      2:41 teo open guard
      3:10 yara knee slice finished
      3:11 yara side control
      3:30 teo flat under side control not punished
      4:00 teo elbow escape finished
      4:01 teo half guard
      4:30 teo knee shield half guard
    `),
  },
  {
    ...sparring,
    key: 'samir-bruno',
    daysAgo: 17,
    numberInSession: 3,
    seconds: 300,
    a: white('samir'),
    b: blue('bruno'),
    calls: calls(`
      0:00 standing clinch
      0:30 bruno single leg finished
      0:31 bruno top half guard
      0:50 samir flat in half guard punished >p >s
      1:05 bruno half guard pass with crossface finished #p
      1:06 bruno side control #s
      1:20 samir elbows flared punished >ki
      1:28 bruno kimura locked declined #ki
      1:50 bruno mount
      2:05 samir bench press punished >a
      2:12 bruno armbar control escaped #a
      2:40 samir elbow escape finished
      2:41 samir half guard
      3:10 samir closed guard
      3:40 samir opens the guard with no plan punished >k
      3:48 bruno knee slice finished #k
      3:49 bruno side control
      4:20 samir good calm in a bad place
    `),
  },
  {
    ...sparring,
    key: 'yara-iris',
    daysAgo: 17,
    numberInSession: 4,
    seconds: 360,
    a: white('yara'),
    b: blue('iris'),
    calls: calls(`
      0:00 standing clinch
      0:30 yara collar drag finished
      0:31 yara turtle
      0:45 yara too high on the turtle punished >r
      0:52 iris turtle to guard finished #r
      0:53 iris open guard
      1:20 yara one leg left inside punished >leg
      1:28 iris single leg x entry finished #leg
      1:29 iris single leg x
      1:50 iris single leg x sweep finished
      1:51 iris top open guard
      2:20 yara half guard
      2:40 yara good wins the underhook
      3:00 yara underhook come up from half guard finished
      3:01 yara top half guard
      3:30 yara half guard pass with crossface finished
      3:31 yara side control
      4:00 yara mount
      4:20 iris elbow escape finished
      4:21 iris half guard
      5:00 iris knee shield half guard
    `),
  },
  {
    ...sparring,
    key: 'pia-nadia',
    daysAgo: 17,
    numberInSession: 5,
    seconds: 240,
    a: white('pia'),
    b: blue('nadia'),
    calls: calls(`
      0:00 standing clinch
      0:18 pia seated guard pull finished
      0:19 pia closed guard
      0:40 nadia shoulders ahead of the hips punished >tr
      0:50 pia triangle control escaped #tr
      1:00 pia squeezes before the angle not punished
      1:20 nadia guard open kneeling finished
      1:21 pia open guard
      1:45 pia sits and waits punished >pa
      1:55 nadia toreando finished #pa
      1:56 nadia side control
      2:20 pia elbow escape finished
      2:21 pia half guard
      2:50 pia flat in half guard not punished
      3:20 pia good frame inside
    `),
  },
  {
    ...sparring,
    key: 'felix-bruno',
    daysAgo: 10,
    numberInSession: 3,
    seconds: 360,
    a: white('felix'),
    b: blue('bruno'),
    calls: calls(`
      0:00 standing clinch
      0:40 felix snap down finished
      0:41 felix front headlock
      1:00 bruno turtle to guard finished
      1:01 bruno open guard
      1:30 felix leg drag finished
      1:31 felix leg drag held
      1:50 felix back take from the leg drag finished
      1:51 felix back control
      2:10 felix crosses the feet not punished
      2:40 bruno back to the mat finished
      2:41 bruno half guard
      3:20 bruno deep half guard
      3:40 bruno deep half sweep finished
      3:41 bruno top half guard
      4:10 bruno underhook left uncontested punished >df
      4:20 felix dogfight #df
      5:00 felix underhook come up from half guard finished
      5:01 felix top half guard
    `),
  },
  {
    ...sparring,
    key: 'marek-teo',
    daysAgo: 10,
    numberInSession: 4,
    seconds: 300,
    a: white('marek'),
    b: blue('teo'),
    calls: calls(`
      0:00 standing clinch
      0:20 teo snap down finished
      0:21 teo front headlock
      0:40 marek sit out tried
      0:55 marek half guard
      1:10 marek flat in half guard punished >pp >ps
      1:25 teo half guard pass with crossface finished #pp
      1:26 teo side control #ps
      1:45 marek elbows flared not punished
      2:10 marek turns away punished >bb
      2:18 teo back control #bb
      2:30 teo rear naked choke locked
      2:44 teo rear naked choke finished
      2:50 stop 20
      3:12 standing neutral
      3:30 marek seated guard pull finished
      3:31 marek closed guard
      3:55 teo shoulders ahead of the hips not punished
      4:20 teo guard open standing finished
      4:21 marek open guard
      4:40 marek good feet stay inside
    `),
  },
  {
    ...sparring,
    key: 'ana-yara',
    daysAgo: 3,
    numberInSession: 4,
    seconds: 360,
    a: white('ana'),
    b: blue('yara'),
    calls: calls(`
      0:00 standing clinch
      0:30 yara seated guard pull finished
      0:31 yara open guard
      0:55 ana toreando finished
      0:56 ana side control
      1:20 ana hips high in side control punished >rg
      1:30 yara frame and put the knee back finished #rg
      1:31 yara half guard
      1:50 ana underhook left uncontested punished >dg
      1:58 yara dogfight #dg
      2:20 yara underhook come up from half guard finished
      2:21 yara top half guard
      2:40 ana flat in half guard not punished
      3:10 ana knee shield half guard
      3:40 ana butterfly guard
      4:00 ana butterfly sweep finished
      4:01 ana mount
      4:30 ana good rides the bridge
      5:00 yara elbow escape finished
      5:01 yara half guard
      5:30 ana good wins the underhook
    `),
  },
];
