import { commentaries, evaluate } from '../tests/language/commentaries/evaluate';
for (const one of commentaries) if (!one.unseen) for (const e of evaluate(one).extra) console.log(one.key.slice(0, 8), e.replace(/"atSeconds":[\d.]+,?/, '').slice(0, 260));
