/** Where a browser keeps what opens without a server. */
export const pageCache = 'owl-pages';
export const assetCache = 'owl-assets';
export const footageCache = 'owl-footage';
/** Commentaries that are being gone through: what somebody said of people, word for word. */
export const commentaryDatabase = 'unhurried-owl-commentary';
