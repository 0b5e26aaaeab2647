/** Where a browser keeps what opens without a server. */
export const pageCache = 'owl-pages';
export const assetCache = 'owl-assets';
export const footageCache = 'owl-footage';
