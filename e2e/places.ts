/** The workers that go through the browser at once. */
export const workers: readonly number[] = [0, 1];

/** Which of them this is. */
export const worker = Number(process.env['TEST_PARALLEL_INDEX'] ?? 0);

/** Where a worker finds the demo, and an empty installation. */
export const demoPort = (of = worker): number => 4790 + 2 * of;
export const emptyPort = (of = worker): number => 4791 + 2 * of;
export const emptyAddress = `http://127.0.0.1:${String(emptyPort())}`;
