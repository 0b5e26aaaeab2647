export { errorSayings } from './errors';
export { heardSayings, misheardWords } from './heard';
export { strengthSayings } from './strengths';
