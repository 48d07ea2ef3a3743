/** The plan as files. The writers come with the first export, not with the page. */
import { saveCsvFile } from '../shared/csv.ts';
import { saveFile } from '../shared/savefile.ts';
import type { Survey } from '@lentum/core/survey';

export type ExportKind = 'GeoJSON' | 'JSON' | 'DXF' | 'CSV' | 'place';
/** What can be taken out. GeoJSON is degrees: while nobody has said where the plan lies, it asks. */
export const EXPORTS: Readonly<Record<ExportKind, string>> = {
  GeoJSON: 'Outlines as GeoJSON, degrees',
  JSON: 'Outlines as JSON, metres of the plan',
  DXF: 'Plan as DXF',
  CSV: 'Areas and counts as CSV',
  place: 'Where the plan lies …',
};

/** @returns false where the place of the plan has to be said first */
export async function exportSurvey(
  kind: Exclude<ExportKind, 'place'>,
  survey: Survey,
  jobName: string,
): Promise<boolean> {
  const { areaRows, toDxf, toGeoJson, toPlanJson } = await import('@lentum/core/drawings');
  const name = jobName.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase() || 'survey';
  const json = (of: object): string => `${JSON.stringify(of, null, 2)}\n`;
  if (kind === 'GeoJSON') {
    const placed = toGeoJson(survey);
    if (!placed) return false;
    saveFile(json(placed), `${name}.geojson`, 'application/geo+json');
  } else if (kind === 'JSON') saveFile(json(toPlanJson(survey)), `${name}-plan.json`, 'application/json');
  else if (kind === 'DXF') saveFile(toDxf(survey), `${name}.dxf`, 'image/vnd.dxf');
  else saveCsvFile(areaRows(survey), `${name}-areas.csv`);
  return true;
}
