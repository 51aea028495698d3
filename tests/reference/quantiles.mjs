// The quantiles of the lists on the input, as the npm package “simple-statistics” works them out.
import { quantileSorted } from 'simple-statistics'
let read = ''
for await (const part of process.stdin) read += part
process.stdout.write(JSON.stringify(JSON.parse(read).map(([sorted, share]) => quantileSorted(sorted, share))))
