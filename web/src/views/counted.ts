/** So many of something, such as 'one repair' or '18 repairs'. */
export const counted = (n: number, one: string, many: string) => `${n === 1 ? 'one' : String(n)} ${n === 1 ? one : many}`;
