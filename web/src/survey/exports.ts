/** The plan as files. The writers come with the first export, not with the page. */
import { saveCsvFile } from '../shared/csv.ts';
import { saveFile } from '../shared/savefile.ts';
import type { Survey } from '@lentum/core/survey';

export type ExportKind = 'GeoJSON' | 'DXF' | 'CSV';
export const EXPORTS: Readonly<Record<ExportKind, string>> = {
  GeoJSON: 'Outlines as GeoJSON',
  DXF: 'Plan as DXF',
  CSV: 'Areas and counts as CSV',
};

export async function exportSurvey(kind: ExportKind, survey: Survey, jobName: string): Promise<void> {
  const { areaRows, toDxf, toGeoJson } = await import('@lentum/core/drawings');
  const name = jobName.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase() || 'survey';
  if (kind === 'GeoJSON')
    saveFile(`${JSON.stringify(toGeoJson(survey), null, 2)}\n`, `${name}.geojson`, 'application/geo+json');
  else if (kind === 'DXF') saveFile(toDxf(survey), `${name}.dxf`, 'image/vnd.dxf');
  else saveCsvFile(areaRows(survey), `${name}-areas.csv`);
}
