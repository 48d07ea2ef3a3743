/** Where on the pages of a job something is put right that its document cannot be saved with. */
import type { LocationQueryRaw } from 'vue-router';
import type { BuildUpDoc } from '@lentum/core/buildup';
import type { SiteDoc } from '@lentum/core/site';
import type { Survey } from '@lentum/core/survey';

export interface Documents {
  readonly survey: { readonly content: Survey };
  readonly buildUps: { readonly content: BuildUpDoc };
  readonly site: { readonly content: SiteDoc };
}
export interface Place {
  readonly name: 'survey' | 'build-up' | 'order' | 'programme' | 'site' | 'handover' | 'upkeep';
  readonly query: LocationQueryRaw;
}

/** The part of the survey in which a part of a zone is entered. */
const SURVEY_PARTS: Readonly<Record<string, string>> = {
  sides: 'edges',
  features: 'edges',
  levels: 'levels',
  fallPct: 'levels',
  substrate: 'readiness',
  findings: 'readiness',
  tests: 'readiness',
};

/**
 * @param document the document's name, as the job holds it
 * @param field of the problem: the path in the document, parts parted by strokes
 * @returns undefined where the document has no page of its own
 */
export function placeOfProblem(document: string, field: string, documents: Documents): Place | undefined {
  const [list = '', at = '', part = ''] = field.split('/');
  const index = Number(at);
  switch (document) {
    case 'survey': {
      const zone = list === 'zones' ? documents.survey.content.zones[index]?.id : undefined;
      return { name: 'survey', query: { zone, part: SURVEY_PARTS[part] ?? 'shape' } };
    }
    case 'buildUps': {
      const { buildUps, zones } = documents.buildUps.content;
      const held = list === 'buildUps' ? buildUps[index] : undefined;
      const on = held
        ? zones.find((z) => z.buildUpId === held.id && z.revision === held.revision)
        : list === 'zones'
          ? zones[index]
          : undefined;
      return { name: 'build-up', query: { zone: on?.zoneId } };
    }
    case 'site': {
      const bay = list === 'bays' ? documents.site.content.bays[index] : undefined;
      return { name: 'site', query: { part: 'bays', zone: bay?.zoneId, bay: bay?.id } };
    }
    case 'order':
      return { name: 'order', query: {} };
    case 'programme':
      return { name: 'programme', query: { set: 'crews' } };
    case 'proving':
      return list === 'guarantees'
        ? { name: 'upkeep', query: {} }
        : { name: 'handover', query: { set: 'asked' } };
    default:
      return undefined;
  }
}
