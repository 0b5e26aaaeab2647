/** Words that a coach may say and no entry should be called after. @source general knowledge of the language */
const coarse =
  /^(?:fuck\w*|motherfuck\w*|shit\w*|bullshit|bitch\w*|asshole|arse\w*|bastard\w*|crap\w*|damn\w*|goddamn\w*|cunt\w*|dick\w*|piss\w*|wank\w*|bollocks|bloody)$/i;

/** The text without coarse words: what a name is proposed from. The coach's own remark keeps every word. */
export const withoutCoarse = (text: string): string =>
  text
    .split(/\s+/)
    .filter((word) => !coarse.test(word.replace(/[^\p{L}]/gu, '')))
    .join(' ');
