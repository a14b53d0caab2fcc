/** Reads an answer that comes line by line, each line as JSON. */
export async function linesOf<T>(response: Response, onLine: (line: T) => void): Promise<void> {
  const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const part = await reader?.read();
    if (!part || part.done) return;
    const lines = (rest + part.value).split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines) if (line !== '') onLine(JSON.parse(line) as T);
  }
}
