export {
	collecting,
	collection,
	COLLECTION_LIMITS,
	GRADES,
	MAKES,
	type Entry,
	type Grade,
	type Make,
} from './collection.ts';
export { hitsOf, lookUp, those, type Hit, type Lookup, type CollectionFilter } from './find.ts';
