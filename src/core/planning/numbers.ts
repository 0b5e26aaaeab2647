/** One number of the planner that an academy may set; whole, between its bounds, with why it is usually so. */
export interface PlanNumber {
  readonly usual: number;
  readonly least: number;
  readonly most: number;
  readonly reason: string;
}

const numberOf = (usual: number, least: number, most: number, reason: string): PlanNumber => ({
  ...{ usual, least, most, reason },
});

// @source common practice, all of them; where coaches differ the academy says otherwise
const ofClasses = {
  warmUpMinutes: numberOf(8, 0, 30, 'movements of the theme; half of it in a class under 50 minutes'),
  /** What rounds get at least; they take what lessons leave. */
  roundsMinutes: numberOf(12, 0, 90, 'at least; rounds also take what lessons leave'),
  closeMinutes: numberOf(3, 0, 15, 'one thing each, homework, who is sore'),
  leastLessonMinutes: numberOf(8, 4, 30, 'under eight nobody gets turns'),
  mostLessonMinutes: numberOf(25, 8, 60, 'over twenty-five nobody stays with it'),
  mostLessons: numberOf(3, 1, 4, 'after the third nobody remembers the first'),
  /** From this length on a class may have two themes. */
  twoThemesMinutes: numberOf(85, 30, 241, 'one theme taught well, unless there is time for two; 241 is never'),
  /** How much more two groups side by side must help. */
  twoGroupsPercent: numberOf(25, 0, 200, 'two groups cost a coach for the other half: less is not worth it'),
  groupPeople: numberOf(4, 3, 20, 'in a group of fewer everybody meets the same partner again'),
};

// @source house estimates, all of them: the academy's own lessons and figures correct them
const ofLessons = {
  /** Minutes that bring 63 % of a drill's effect. */
  doseMinutes: numberOf(12, 4, 60, 'of work against full resistance bring 63 % of what a drill can'),
  changeOverMinutes: numberOf(1, 0, 5, 'lost to a new partner and the first look'),
  shownParts: numberOf(1, 1, 9, 'of seven parts: shown, and held'),
  repeatedParts: numberOf(2, 1, 9, 'of seven parts: repeated without resistance'),
  answeredParts: numberOf(2, 1, 9, 'of seven parts: against answers'),
  playedParts: numberOf(2, 1, 9, 'of seven parts: played for real'),
  shownWork: numberOf(50, 10, 100, 'nobody resists yet'),
  repeatedWork: numberOf(50, 10, 100, 'the movement is there, the moment is not'),
  answeredWork: numberOf(75, 10, 100, 'the partner answers at about half'),
  playedWork: numberOf(100, 10, 100, 'as it will be in a round'),
  partnerPercent: numberOf(
    50,
    0,
    100,
    'of what is answered and played: the partner works on the other side, uncorrected',
  ),
  homeworkMinutes: numberOf(5, 0, 60, 'ten minutes of repeating, half of them thought done where nobody saw them'),
};

// @source spacing is common practice; the days and shares are house estimates
const ofSpacing = {
  halfLifeDays: numberOf(30, 3, 365, 'what was drilled fades by half in a month'),
  restDays: numberOf(2, 0, 14, 'sleep on a lesson before it comes again'),
  dueOnceDays: numberOf(3, 1, 365, 'after the first time it is due again'),
  dueTwiceDays: numberOf(7, 1, 365, 'after the second'),
  dueThriceDays: numberOf(14, 1, 365, 'after the third'),
  dueLaterDays: numberOf(30, 1, 365, 'from then on'),
  duePercent: numberOf(130, 100, 300, 'of its weight has what is due'),
  /** κ of doses of before the run. */
  earlierKappaPercent: numberOf(35, 10, 60, 'of an error goes by what was drilled before: the middle of the drills'),
};

// @source own decisions
const ofRuns = {
  runDays: numberOf(21, 7, 63, 'what is further off changes before it comes'),
  runClasses: numberOf(12, 1, 16, 'classes planned together at most'),
  unservedPercent: numberOf(
    300,
    100,
    1000,
    'of their weight have those who would get no lesson on what is most pressing',
  ),
  fairnessPercent: numberOf(10, 0, 50, 'of all benefit may looking after everybody cost'),
};

// @source own decisions: the coach decides first
const ofCoaches = {
  signedPercent: numberOf(200, 100, 1000, 'of the most pressing weighs the first point of a signed review at least'),
  signedDays: numberOf(42, 0, 365, 'for so long: two classes a week over six weeks'),
  namedPercent: numberOf(150, 100, 300, 'of its effect has a drill that a signed review named'),
  hurtDays: numberOf(14, 0, 90, 'a remark on a card spares a joint: most strains of the mat pass in two weeks'),
};

// @source house estimates
const ofPairs = {
  freeGapPercent: numberOf(10, 0, 50, 'gap in weight that costs nothing; beyond it the square of the rest'),
  unknownGapPercent: numberOf(20, 0, 50, 'gap that an unknown weight counts as: the usual limit of live work'),
  beltCost: numberOf(9, 0, 100, 'times the square of the steps between belts: near in live work, apart in learning'),
  complementGain: numberOf(15, 0, 100, 'less where one needs to be on top and the other below'),
  recentCost: numberOf(30, 0, 1000, 'more for a partner of the last classes'),
  recentClasses: numberOf(4, 0, 20, 'classes that count as the last ones'),
};

// @source house estimates; two months of a weekly class
const ofComing = {
  usualClasses: numberOf(8, 1, 52, 'latest classes of the same day of the week by which coming is learned'),
  priorCame: numberOf(2, 0, 20, 'times somebody came before anything is known …'),
  priorHeld: numberOf(3, 1, 20, '… of so many: two in three'),
  expectedPercent: numberOf(35, 0, 100, 'chance of coming from which somebody is expected by themselves'),
};

// @source own decisions; how much the catalogue weighs was held against simulated academies (bench/worked.ts)
const ofEffects = {
  enoughExposure: numberOf(20, 1, 500, 'minutes, or chances, after a lesson before anything is said of it'),
  catalogueWeight: numberOf(
    16,
    1,
    200,
    'how firmly the catalogue’s estimate of a drill is believed against own lessons',
  ),
};

/** Every number, by what it is about. */
export const planNumberGroups = {
  classes: ofClasses,
  lessons: ofLessons,
  spacing: ofSpacing,
  runs: ofRuns,
  coaches: ofCoaches,
  pairs: ofPairs,
  coming: ofComing,
  effects: ofEffects,
} as const;
export type PlanNumberGroup = keyof typeof planNumberGroups;

/** Each number with its default, its bounds, and why. */
export const planNumbers = {
  ...{ ...ofClasses, ...ofLessons, ...ofSpacing, ...ofRuns },
  ...{ ...ofCoaches, ...ofPairs, ...ofComing, ...ofEffects },
};
export type PlanNumberName = keyof typeof planNumbers;

/** How an academy plans: its numbers, whole. */
export type PlanNumbers = Readonly<Record<PlanNumberName, number>>;

export const planNumberNames = Object.keys(planNumbers) as PlanNumberName[];

export const usualNumbers = Object.fromEntries(
  planNumberNames.map((name) => [name, planNumbers[name].usual]),
) as PlanNumbers;
