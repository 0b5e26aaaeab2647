import { listTalks, scoreTalks, talksApart } from '../tests/language/talks/scoreTalks';
const looked = listTalks().filter((t) => !talksApart.includes(t));
for (const l of scoreTalks(looked)) console.log(l);
console.log('apart', scoreTalks(talksApart).at(-1));
