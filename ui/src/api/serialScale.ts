import type { Read } from '../kit/reads';

/** A port of this device, as browsers that have them hand them out. */
export type Port = {
  open: (options: { baudRate: number }) => Promise<void>;
  readable: ReadableStream<Uint8Array> | null;
  writable: WritableStream<Uint8Array> | null;
};
type Serial = { requestPort: () => Promise<Port>; getPorts: () => Promise<Port[]> };

const serial = (): Serial | undefined => (navigator as unknown as { serial?: Serial }).serial;

export const hasSerial = () => serial() !== undefined;

/** ms in which it must have answered */
const PATIENCE = 3000;
const GRAMS: Record<string, number> = { g: 1, kg: 1000, mg: 0.001, oz: 28.349523125, lb: 453.59237 };

let port: Port | undefined;

/** Lets the keeper choose the scale that hangs on this device. */
export async function connectScale(): Promise<void> {
  const chosen = await serial()?.requestPort();
  if (chosen === undefined) return;
  await chosen.open({ baudRate: 9600 });
  port = chosen;
}

export const isConnected = () => port !== undefined;

/** One line of the scale's, as docs/instruments.md has it: "steady 41.23 g". */
export function gramsOf(line: string): Read {
  const [state = '', figure = '', unit = ''] = line.trim().toLowerCase().split(/\s+/);
  if (state === 'fault') return { value: null, said: `The scale says: ${line.trim().slice(6)}.` };
  const grams = Number(figure) * (GRAMS[unit] ?? Number.NaN);
  if ((state !== 'steady' && state !== 'moving') || figure === '' || !Number.isFinite(grams))
    return { value: null, said: `The scale says "${line.trim().slice(0, 40)}", and that is no mass.` };
  if (state === 'moving')
    return { value: null, said: 'The scale is not steady yet. Wait a moment, and read it again.' };
  if (grams <= 0) return { value: null, said: 'There is nothing on the scale.' };
  return { value: String(Math.round(grams * 1000) / 1000), said: 'the scale on this device' };
}

/** Asks the scale on this device. */
export async function weigh(of: Port | undefined = port): Promise<Read> {
  if (!of?.writable || !of.readable) return { value: null, said: 'No scale is connected to this device.' };
  const writer = of.writable.getWriter();
  await writer.write(new TextEncoder().encode('weigh\n'));
  writer.releaseLock();
  const reader = of.readable.getReader();
  const decoder = new TextDecoder();
  let line = '';
  const late = new Promise<'late'>((resolve) => setTimeout(() => resolve('late'), PATIENCE));
  try {
    while (!line.includes('\n')) {
      const some = await Promise.race([reader.read(), late]);
      if (some === 'late' || some.done)
        return {
          value: null,
          said:
            line === ''
              ? 'The scale says nothing.'
              : 'The scale stopped in the middle of its line. Weigh again.',
        };
      line += decoder.decode(some.value, { stream: true });
    }
  } finally {
    await reader.cancel().catch(() => undefined);
    reader.releaseLock();
  }
  return gramsOf(line.split('\n')[0] ?? '');
}
