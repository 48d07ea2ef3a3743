/** A tool with its settings, in words: what somebody sets it to, and nothing computes with. */
import type { Tool } from '../buildup/index.ts';
import { format, type Written } from '../units/index.ts';

export function toolWords(tool: Tool, written: Written): string {
  const say = (value: number, quantity: Parameters<typeof format>[1]): string =>
    format(value, quantity, written);
  const parts: string[] = [];
  switch (tool.kind) {
    case 'roller':
      if (tool.napMm) parts.push(`nap ${say(tool.napMm.value, 'lap')}`);
      if (tool.passMm) parts.push(`one pass leaves ${say(tool.passMm.value, 'film')}`);
      break;
    case 'notched trowel':
      parts.push(`${tool.shape} ${say(tool.notchMm.value, 'gap')}, held at ${tool.angleDeg.value}°`);
      break;
    case 'spike roller':
      if (tool.pinMm) parts.push(`pins ${say(tool.pinMm.value, 'lap')}`);
      break;
    case 'airless spray':
      parts.push(`tip ${say(tool.tipMm.value, 'film')}`);
      if (tool.fanDeg) parts.push(`fan ${tool.fanDeg.value}°`);
      parts.push(`${say(tool.pressureBar.value, 'pressure')}, overlap ${tool.overlapPct.value} %`);
      break;
    case 'hand roller':
      if (tool.massKg) parts.push(say(tool.massKg.value, 'mass'));
      break;
    default:
      break;
  }
  if (tool.note) parts.push(tool.note);
  return parts.length > 0 ? `${tool.kind}: ${parts.join('; ')}` : tool.kind;
}
