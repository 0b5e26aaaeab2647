import { calls, type DemoRound } from '../types';

const sparring = { occasion: 'sparring', ruleSet: 'points-gi', theme: '', uniform: 'gi', filmed: false } as const;
const white = (key: string) => ({ key, kit: 'white' as const, toldApartBy: 'white gi' });
const blue = (key: string) => ({ key, kit: 'blue' as const, toldApartBy: 'blue gi' });

/** Rounds of the term before: too old for what keeps happening, young enough to teach the likely calls. */
export const lastTermRounds: readonly DemoRound[] = [
  {
    ...sparring,
    key: 'term-ana-marek',
    daysAgo: 148,
    numberInSession: 1,
    seconds: 300,
    a: white('ana'),
    b: blue('marek'),
    calls: calls(`
      0:00 standing neutral
      0:06 standing clinch
      0:15 ana seated guard pull finished
      0:16 ana open guard
      0:24 ana lets the passer settle punished
      0:30 marek knee slice control
      0:33 ana half guard
      0:41 ana flat in half guard punished
      0:52 marek half guard pass with crossface finished
      0:53 marek side control
      1:01 ana frame with the elbow outside punished
      1:08 ana frame and put the knee back finished
      1:09 ana open guard
      1:17 ana good feet inside
      1:24 marek toreando tried
      1:31 ana closed guard
      1:40 marek shoulders ahead of the hips punished
      1:47 ana triangle control
      1:55 ana squeezes before the angle not punished
      2:02 marek triangle posture escape finished
      2:03 ana closed guard
      2:12 marek guard open standing finished
      2:13 ana open guard
      2:22 ana butterfly guard
      2:30 ana butterfly sweep finished
      2:31 ana mount
      2:38 marek bench press punished
      2:44 ana armbar control
      2:51 ana finishes before the hold is safe punished
      2:56 marek elbow to mat escape finished
      2:57 marek top closed guard
      3:10 ana half guard
      3:18 ana flat in half guard punished
      3:27 marek half guard pass with crossface finished
      3:28 marek side control
      3:40 ana good stays on the side
      3:49 marek knee on belly
      3:58 ana knee on belly escape finished
      3:59 ana half guard
      4:10 ana good wins the underhook
      4:25 ana closed guard
    `),
  },
  {
    ...sparring,
    key: 'term-ana-teo',
    daysAgo: 148,
    numberInSession: 2,
    seconds: 300,
    a: white('ana'),
    b: blue('teo'),
    calls: calls(`
      0:00 standing neutral
      0:08 standing clinch
      0:19 ana seated guard pull finished
      0:20 ana open guard
      0:31 ana lets the passer settle punished
      0:38 teo knee slice finished
      0:39 teo side control
      0:47 ana frame with the elbow outside punished
      0:55 teo knee on belly
      1:07 ana knee on belly escape finished
      1:08 ana half guard
      1:18 ana flat in half guard punished
      1:29 teo half guard pass with crossface finished
      1:30 teo side control
      1:42 ana frame and put the knee back finished
      1:43 ana open guard
      1:52 ana good keeps the passer moving
      2:01 teo toreando tried
      2:08 ana butterfly guard
      2:16 ana butterfly sweep finished
      2:17 ana mount
      2:26 teo elbows flared punished
      2:33 ana armbar locked
      2:40 teo elbow to mat escape finished
      2:41 teo top closed guard
      2:55 teo shoulders ahead of the hips punished
      3:02 ana triangle control
      3:10 ana squeezes before the angle not punished
      3:18 teo triangle posture escape finished
      3:19 ana closed guard
    `),
  },
  {
    ...sparring,
    key: 'term-marek-samir',
    daysAgo: 148,
    numberInSession: 3,
    seconds: 240,
    a: white('marek'),
    b: blue('samir'),
    calls: calls(`
      0:00 standing neutral
      0:05 samir hands hover punished
      0:10 standing clinch
      0:22 marek inside trip finished
      0:23 marek top half guard
      0:33 samir flat in half guard punished
      0:44 marek half guard pass with crossface finished
      0:45 marek side control
      0:58 samir flat under the pin punished
      1:06 marek mount
      1:14 samir bench press punished
      1:22 marek americana locked escaped
      1:34 samir bridge and roll finished
      1:35 samir top closed guard
      1:47 samir shoulders ahead of the hips punished
      1:54 marek scissor sweep finished
      1:55 marek mount
      2:06 samir waits instead of bridging punished
      2:15 marek armbar control
      2:24 samir stacking out of the armbar finished
      2:25 samir top closed guard
      2:40 samir guard open standing finished
      2:41 marek open guard
      2:52 samir walks on knees not punished
    `),
  },
  {
    ...sparring,
    key: 'term-yara-nadia',
    daysAgo: 155,
    numberInSession: 1,
    seconds: 300,
    a: white('yara'),
    b: blue('nadia'),
    calls: calls(`
      0:00 standing neutral
      0:09 standing clinch
      0:18 yara double leg finished
      0:19 yara top half guard
      0:29 nadia flat in half guard punished
      0:40 yara half guard pass with crossface finished
      0:41 yara side control
      0:53 nadia frame with the elbow outside punished
      1:01 yara knee on belly
      1:10 nadia elbows flared punished
      1:16 yara far-side armbar locked
      1:25 nadia hitchhiker escape finished
      1:26 nadia open guard
      1:36 nadia sits and waits punished
      1:43 yara toreando finished
      1:44 yara side control
      1:55 nadia good stays on the side
      2:03 nadia frame and put the knee back finished
      2:04 nadia closed guard
      2:15 yara shoulders ahead of the hips not punished
      2:26 nadia hip bump sweep tried
      2:35 yara guard open standing finished
      2:36 nadia open guard
      2:46 nadia lets the passer settle punished
      2:53 yara knee slice finished
      2:54 yara side control
      3:08 yara mount
      3:17 nadia bench press punished
      3:25 yara armbar finished
    `),
  },
  {
    ...sparring,
    key: 'term-bruno-iris',
    daysAgo: 155,
    numberInSession: 2,
    seconds: 300,
    a: white('bruno'),
    b: blue('iris'),
    calls: calls(`
      0:00 standing neutral
      0:07 standing clinch
      0:17 iris seated guard pull finished
      0:18 iris de la riva guard
      0:29 bruno passes with a hook still in punished
      0:36 iris de la riva sweep finished
      0:37 iris top half guard
      0:48 bruno knee shield half guard
      1:00 bruno good frame inside
      1:12 bruno closed guard
      1:25 iris guard open standing finished
      1:26 bruno open guard
      1:38 iris leg drag finished
      1:39 iris side control
      1:52 bruno turns away punished
      1:59 iris back control with hooks
      2:10 bruno good strips the choke
      2:18 iris rear naked choke control
      2:29 bruno back to the mat finished
      2:30 bruno half guard
      2:41 bruno good wins the underhook
      2:52 bruno dogfight
      3:03 bruno half guard underhook sweep finished
      3:04 bruno top half guard
    `),
  },
  {
    ...sparring,
    key: 'term-teo-felix',
    daysAgo: 155,
    numberInSession: 3,
    seconds: 300,
    a: white('teo'),
    b: blue('felix'),
    calls: calls(`
      0:00 standing neutral
      0:11 standing clinch
      0:21 teo single leg tried
      0:29 felix snap down finished
      0:30 felix front headlock
      0:40 felix guillotine control
      0:52 teo sit out finished
      0:53 scramble
      1:01 teo seated guard pull finished
      1:02 teo butterfly guard
      1:12 teo sits and waits punished
      1:20 felix body lock pass finished
      1:21 felix side control
      1:33 teo turns away punished
      1:39 teo turtle
      1:47 felix seat belt without hooks
      1:56 felix back control with hooks
      2:05 teo hands leave the neck punished
      2:12 felix rear naked choke finished
    `),
  },
  {
    ...sparring,
    key: 'term-samir-pia',
    daysAgo: 162,
    numberInSession: 1,
    seconds: 240,
    a: white('samir'),
    b: blue('pia'),
    calls: calls(`
      0:00 standing neutral
      0:09 pia seated guard pull finished
      0:10 pia closed guard
      0:20 samir shoulders ahead of the hips punished
      0:27 pia hip bump sweep finished
      0:28 pia mount
      0:38 samir bench press punished
      0:45 pia armbar control
      0:53 pia finishes before the hold is safe punished
      0:59 samir stacking out of the armbar finished
      1:00 samir top closed guard
      1:13 samir guard open standing finished
      1:14 pia open guard
      1:25 samir walks on knees punished
      1:31 pia butterfly guard
      1:40 pia butterfly sweep finished
      1:41 pia side control
      1:53 samir flat under the pin punished
      2:01 pia knee on belly
      2:12 samir elbows flared punished
      2:18 pia americana locked
    `),
  },
  {
    ...sparring,
    key: 'term-ana-nadia',
    daysAgo: 162,
    numberInSession: 2,
    seconds: 300,
    a: white('ana'),
    b: blue('nadia'),
    calls: calls(`
      0:00 standing neutral
      0:10 standing clinch
      0:20 ana seated guard pull finished
      0:21 ana open guard
      0:30 ana good keeps the passer moving
      0:39 nadia walks on knees punished
      0:45 ana butterfly guard
      0:53 ana butterfly sweep finished
      0:54 ana side control
      1:05 nadia flat under the pin punished
      1:13 ana knee on belly
      1:22 ana mount
      1:31 nadia bench press punished
      1:38 ana armbar control
      1:46 ana finishes before the hold is safe punished
      1:52 nadia elbow to mat escape finished
      1:53 nadia top closed guard
      2:04 nadia shoulders ahead of the hips punished
      2:11 ana triangle control
      2:19 ana squeezes before the angle not punished
      2:26 nadia triangle posture escape finished
      2:27 ana closed guard
      2:38 ana half guard
      2:47 ana flat in half guard punished
      2:57 nadia half guard pass with crossface finished
      2:58 nadia side control
      3:08 ana frame with the elbow outside punished
      3:17 ana frame and put the knee back finished
      3:18 ana open guard
    `),
  },
];
