import { ENGLISH } from '@/core/catalogues';
import { SPANISH } from '@/core/catalogues.es';
import { pairedCatalogues } from './testing/paired';

pairedCatalogues('core', ENGLISH, SPANISH);
