/** Words and phrases that tell what a speaker means; all in the form that `wordsOf` gives. */
const list = (text: string): readonly string[] => text.trim().split(/\s*\|\s*/);

/** The speaker sells, greets or thanks: nothing of the round is said there. */
export const salesTalk = list(
  'subscribe | sponsor | sponsored | brought to you | discount | percent off | promo | tickets | ticket | merch | t shirt | link below | instructional | seminar | stay with us | right back | on sale | the code | interviews | medal ceremony | thank you to them | shrank in the wash | says hello | before i forget',
);

/** The speaker explains how things are in general, tells of another day, plans, wishes or fears: nothing of it happened in this round. */
export const elsewhere = list(
  'in general | always says | what is the | the idea | the key to | what i teach | we drill | last week | yesterday | last time | the match before | in the match | years ago | for example | used to | good for well | id rather | would rather | would love | my plan | plan was | dont do that | never do | for tuesday | for monday | for next time | next time | next week | homework | imagine | as if | worried about | afraid of | scared of | be careful of | id be worried | hoping for | hope for | watch out for | remember to | try to remember | nobody sharper | somebody sharper | somebody better | against a good | a better | in competition | at a tournament | when i was | i used to | if you are | if youre | when you are | when youre',
);

/** What people say when they teach, and also to one of the two: such a card is less likely. */
export const teaching = list('you never | you always | you want | when you | if you | you can | you split | you need');

/** May be or might have been: such a card is less likely. */
export const notDone = list(
  'would be | would have been | was going to | i was gonna | wanted to | i wanted | you gotta | you have to | looking to | thinking about | thought about | could be | might be | may be | if he | if she | if they | if i | unless | instead of',
);
/** What was just said is taken back. */
export const takenBack = list('no sorry | no wait | sorry no | scratch that | i mean no | not that | wait no | no no');

export const negations = list(
  'not | no | never | dont | doesnt | didnt | isnt | wont | cannot | cant | without | hardly',
);
/** Words that turn a finish into an attempt. */
export const nearly = list('almost | nearly | close to');

/** What was open and was not done. */
export const couldHave = list(
  'should have | shouldve | could have | couldve | needs to | need to | has to | instead of | forgot to | forgets to | was open | was wide open | was right there | was there | missed it | misses it | missed the | did not take | didnt take | had the time | if he had | if she had',
);
export const blame = list(
  'mistake | should not | shouldnt | too high | too low | too late | too early | never do | wrong | bad | terrible | careless | lazy | loose | careful | dangerous | risky | stupid | why | dont give',
);
export const bait = list('bait | baits | baiting | invites | feint | fake | to draw | sets it up');
export const onPurpose = list(
  'on purpose | lets him work | lets her work | gives him that | gives her that | let him work | for the practice | because it is her theme | because it is his theme',
);
export const doubt = list(
  'i think | maybe | not sure | looks like | hard to see | cannot see | probably | kind of | something like | ask him | ask her | off screen | out of the picture',
);

export const locks = list(
  'locked | locks | lock it | is tight | tight | has it | has it deep | deep | is in there | has the',
);
export const tries = list(
  'goes for | go for | going for | looks for | looking for | tries | try | wants | attacks | attack | shoots | shoot | threatens | hunting | hunts | attempt | attempts | enters',
);
export const fails = list(
  'gives up on it | lets it go | lets go | resets | abandons | but he follows | but she follows | steps back | doesnt get it | not enough | keeps her balance | keeps his balance | defends',
);
export const spares = list('could finish | let it go | lets it go on purpose | does not finish | declines');
export const escapesFrom = list(
  'escapes | escape | gets out of | out of | defends | survives | survive | postures out of | slips',
);

/** Words after which a position is only where something else comes from. */
export const leaves = list(
  'from | out of | from the | of | passing | past | opens | opened | in the guard | under | beyond | off',
);
