/**
 * Version of the tables that everything remembered is made with: the hash of the core's source, put in when the
 * program is built. What was made with another is made again.
 */
export const TABLES_VERSION = process.env.ROUGH_SWATCH_TABLES ?? 'unbuilt'
