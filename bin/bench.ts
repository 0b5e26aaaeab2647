export async function runBenchmarks(): Promise<void> {}
