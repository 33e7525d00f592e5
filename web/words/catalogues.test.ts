import { pairedCatalogues } from '@/contract/words/testing/paired';
import { en } from './words.en';
import { es } from './words.es';

pairedCatalogues('the screens', en, es);
