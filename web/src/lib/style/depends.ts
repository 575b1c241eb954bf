/** What pages depend on that show things in the house style. Apart from its schema, which few pages need. */
export const HOUSE_STYLE = 'pond:house-style';
