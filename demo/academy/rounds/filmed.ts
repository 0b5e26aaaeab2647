import { calls, type DemoRound } from '../types';

export const filmedRounds: readonly DemoRound[] = [
  {
    key: 'ana-marek',
    daysAgo: 3,
    numberInSession: 2,
    uniform: 'gi',
    seconds: 300,
    theme: '',
    occasion: 'sparring',
    ruleSet: 'points-gi',
    filmed: true,
    a: { key: 'ana', kit: 'white', toldApartBy: 'white gi, starts left' },
    b: { key: 'marek', kit: 'blue', toldApartBy: 'blue gi, starts right' },
    calls: calls(`
      0:00 standing neutral
      0:07 ana grips lapel grip high right
      0:09 marek hands hover not punished
      0:12 standing clinch
      0:19 ana seated guard pull finished
      0:20 ana open guard
      0:26 ana good keeps the passer moving
      0:33 marek knee slice tried abandoned
      0:40 ana lets the passer settle punished #settle >slice1 >half1
      0:44 marek knee slice control #slice1
      0:48 ana half guard #half1
      0:55 ana flat in half guard punished #flat1 >flat1p >pass1 >side1
      0:58 ana flattened half guard #flat1p
      1:09 marek half guard pass with crossface finished #pass1
      1:10 marek side control #side1
      1:16 ana frame with the elbow outside partly
      1:27 ana frame and put the knee back tried escaped
      1:38 marek knee on belly
      1:45 ana knee on belly escape finished
      1:46 ana open guard
      1:52 ana grips cross sleeve right
      1:56 marek watches a grip being built punished #watch >tri
      2:03 ana closed guard
      2:09 marek shoulders ahead of the hips punished #post1 >tri
      2:15 ana triangle control #tri
      2:19 ana triangle locked escaped
      2:24 ana squeezes before the angle not punished
      2:33 marek triangle posture escape finished
      2:34 ana closed guard
      2:44 marek guard open standing finished
      2:45 ana open guard
      2:58 marek walks on knees not punished
      3:02 ana butterfly guard
      3:11 ana butterfly sweep finished
      3:12 ana mount
      3:18 marek bench press punished >arm1
      3:22 ana good rides the bridge
      3:30 ana armbar control #arm1
      3:36 ana finishes before the hold is safe punished >hitch
      3:41 marek elbow to mat escape finished #hitch
      3:42 marek top closed guard
      3:58 ana half guard
      4:04 ana flat in half guard punished >pass2 >side2
      4:14 marek half guard pass with crossface finished #pass2
      4:15 marek side control #side2
      4:22 ana good stays on the side under the pin
      4:31 ana underhook to knees tried
      4:40 ana turns away punished >bk
      4:44 marek back control #bk
      4:52 marek rear naked choke control
      4:56 ana good strips the choke at the thumb
    `),
  },
  {
    key: 'teo-bruno',
    daysAgo: 3,
    numberInSession: 3,
    uniform: 'gi',
    seconds: 240,
    theme: 'Bruno works from the bottom',
    occasion: 'sparring',
    ruleSet: 'no-score',
    filmed: true,
    a: { key: 'teo', kit: 'blue', toldApartBy: 'blue gi, starts left' },
    b: { key: 'bruno', kit: 'white', toldApartBy: 'white gi, taller' },
    calls: calls(`
      0:00 standing neutral
      0:06 standing clinch
      0:12 bruno seated guard pull finished
      0:13 bruno butterfly guard
      0:21 teo chest in before hips punished >sw1 >hg1
      0:27 bruno butterfly sweep tried abandoned #sw1
      0:33 bruno half guard #hg1
      0:39 teo underhook left uncontested punished >uh >bt >tur
      0:42 bruno underhook left #uh
      0:52 bruno back take from half guard finished #bt
      0:53 bruno seat belt without hooks #tur
      1:02 teo turtle to guard finished
      1:03 teo open guard
      1:15 bruno toreando control
      1:20 teo good feet stay inside
      1:31 teo de la riva guard
      1:40 bruno passes with a hook still in not punished
      1:52 bruno leg drag finished
      1:53 bruno leg drag held
      2:01 bruno side control
      2:11 teo flat under side control punished >kob
      2:18 bruno knee on belly #kob
      2:27 bruno far side armbar locked declined
      2:36 teo elbow escape finished
      2:37 teo half guard
      2:49 teo flat in half guard not punished
      3:01 teo knee shield half guard
      3:12 teo good frame inside
      3:25 teo underhook come up from half guard finished
      3:26 teo top half guard
      3:34 teo underhook left uncontested punished >dog
      3:40 bruno dogfight #dog
      3:52 teo good keeps moving and trying
    `),
  },
  {
    key: 'nadia-yara',
    daysAgo: 10,
    numberInSession: 1,
    uniform: 'gi',
    seconds: 180,
    theme: '',
    occasion: 'sparring',
    ruleSet: 'points-gi',
    filmed: true,
    a: { key: 'nadia', kit: 'white', toldApartBy: 'white gi, shorter' },
    b: { key: 'yara', kit: 'blue', toldApartBy: 'blue gi' },
    calls: calls(`
      0:00 standing neutral
      0:08 standing clinch
      0:14 yara collar drag tried
      0:20 yara single leg finished
      0:21 yara top half guard
      0:29 nadia flat in half guard punished >m1
      0:38 yara quarter guard to mount finished #m1
      0:39 yara mount
      0:46 nadia elbows flared punished >am
      0:52 yara americana control escaped #am
      0:58 nadia bench press not punished
      1:08 nadia bridges straight not punished
      1:19 nadia elbow escape finished
      1:20 nadia closed guard
      1:31 nadia opens the guard with no plan punished >tp >sc
      1:37 yara toreando finished #tp
      1:38 yara side control #sc
      1:47 nadia flat under side control punished >kb
      1:53 yara knee on belly #kb
      2:01 nadia elbows flared not punished
      2:10 nadia good calm in a bad place
      2:22 nadia frame and put the knee back finished
      2:23 nadia open guard
      2:35 nadia good keeps moving and trying
      2:44 yara knee slice tried
      2:52 nadia half guard
    `),
  },
  {
    key: 'ana-iris',
    daysAgo: 10,
    numberInSession: 2,
    uniform: 'no-gi',
    seconds: 210,
    theme: '',
    occasion: 'sparring',
    ruleSet: 'submission-only',
    filmed: true,
    a: { key: 'ana', kit: 'rash-green', toldApartBy: 'green rash guard' },
    b: { key: 'iris', kit: 'rash-plum', toldApartBy: 'plum rash guard' },
    calls: calls(`
      0:00 standing neutral
      0:09 standing clinch
      0:16 ana snap down finished
      0:17 ana front headlock
      0:25 ana guillotine control escaped
      0:33 iris peek out tried
      0:41 iris half guard
      0:50 ana underhook left uncontested punished >bt2 >bk2
      0:56 iris back take from half guard finished #bt2
      0:57 iris back control #bk2
      1:05 ana good two hands against one arm
      1:14 iris rear naked choke control escaped
      1:24 ana back to the mat finished
      1:25 ana half guard
      1:34 ana flat in half guard punished >pass3 >side3
      1:44 iris half guard pass with crossface finished #pass3
      1:45 iris side control #side3
      1:58 ana frame and put the knee back finished
      1:59 ana butterfly guard
      2:09 ana sits and waits not punished
      2:20 iris body lock pass tried abandoned
      2:31 ana butterfly sweep finished
      2:32 ana mount
      2:41 ana high mount
      2:52 ana armbar locked
      3:04 ana armbar finished
      3:12 standing neutral
    `),
  },
  {
    key: 'marek-samir',
    daysAgo: 17,
    numberInSession: 1,
    uniform: 'gi',
    seconds: 150,
    theme: '',
    occasion: 'sparring',
    ruleSet: 'points-gi',
    filmed: true,
    a: { key: 'marek', kit: 'blue', toldApartBy: 'blue gi, starts left' },
    b: { key: 'samir', kit: 'white', toldApartBy: 'white gi, heavier' },
    calls: calls(`
      0:00 standing neutral
      0:08 standing clinch
      0:15 samir inside trip finished
      0:16 marek half guard
      0:24 samir leaves their hips free not punished
      0:33 marek closed guard
      0:40 samir shoulders ahead of the hips punished >tr2
      0:46 marek triangle control #tr2
      0:52 marek triangle on nothing happens punished >stk >sc2
      1:00 samir stack pass finished #stk
      1:01 samir side control #sc2
      1:10 marek elbows flared punished >kim
      1:16 samir kimura control escaped #kim
      1:27 marek turns away punished >trt
      1:30 samir turtle #trt
      1:40 samir seat belt right
      1:44 samir reaches over with a whole arm not punished
      1:52 marek turtle to guard finished
      1:53 marek open guard
      2:05 marek good feet stay inside
      2:14 samir toreando tried
      2:22 marek closed guard
    `),
  },
  {
    key: 'mia-jon',
    daysAgo: 17,
    numberInSession: 2,
    uniform: 'gi',
    seconds: 120,
    theme: 'From the knees, no submissions',
    occasion: 'positional',
    ruleSet: 'no-score',
    filmed: true,
    a: { key: 'mia', kit: 'white', toldApartBy: 'white gi' },
    b: { key: 'jon', kit: 'blue', toldApartBy: 'blue gi' },
    calls: calls(`
      0:00 standing neutral
      0:07 standing clinch
      0:13 jon double leg finished
      0:14 jon side control
      0:24 mia good stays on the side under the pin
      0:31 mia elbow escape finished
      0:32 mia half guard
      0:42 jon posts both hands not punished
      0:50 mia closed guard
      0:58 jon shoulders ahead of the hips punished >hb
      1:04 mia hip bump sweep finished #hb
      1:05 mia mount
      1:14 jon bench press not punished
      1:23 jon bridge and roll finished
      1:24 jon top closed guard
      1:33 jon shoulders ahead of the hips not punished
      1:42 mia good keeps the passer moving
      1:50 mia open guard
    `),
  },
  {
    key: 'felix-bruno-final',
    daysAgo: 12,
    numberInSession: 1,
    uniform: 'no-gi',
    seconds: 360,
    plannedSeconds: 150,
    theme: 'In-house final',
    occasion: 'competition',
    ruleSet: 'submission-only',
    filmed: true,
    a: { key: 'felix', kit: 'rash-green', toldApartBy: 'green rash guard' },
    b: { key: 'bruno', kit: 'rash-plum', toldApartBy: 'plum rash guard, taller' },
    calls: calls(`
      0:00 standing neutral
      0:09 standing clinch
      0:17 felix single leg tried abandoned
      0:27 felix single leg finished
      0:28 felix top half guard
      0:39 bruno knee shield half guard
      0:50 felix body lock pass tried abandoned
      1:01 felix top half guard
      1:12 felix half guard pass with crossface finished
      1:13 felix side control
      1:24 bruno good frame inside
      1:33 bruno frame and put the knee back finished
      1:34 bruno butterfly guard
      1:46 bruno butterfly sweep tried abandoned
      1:58 felix good keeps moving and trying
      2:10 bruno closed guard
      2:20 bruno triangle control escaped
      2:30 stop 8
      2:38 bruno back control
      2:38 turn felix back escaped clock 1:41 official 0:19 ~2:57
      2:57 stop 8
      3:05 felix back control
      3:05 turn bruno back escaped clock 1:29 official 0:31 ~3:36
      3:36 stop 8
      3:44 bruno back control
      3:58 bruno rear naked choke control escaped
      3:44 turn felix back escaped clock 1:20 official 0:40 ~4:24
      4:24 stop 8
      4:32 felix back control
      4:32 turn bruno back escaped clock 1:38 official 0:22 totals 1:09 0:53 ~4:54
      4:54 stop 8
      5:02 bruno back control
      5:02 turn felix back escaped clock 1:45 official 0:15 ~5:17
      5:17 stop 8
      5:25 felix back control
      5:25 turn bruno back escaped clock 1:32 official 0:28 totals 1:24 1:21 ~5:53
      5:53 stop 7
    `),
  },
];
