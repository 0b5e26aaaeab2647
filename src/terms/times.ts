/** How often, in words: "once", "twice", "5 times". */
export const times = (count: number): string => (count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`);
