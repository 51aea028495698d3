// An app-ads.txt read by the npm package “ads.txt”.
import reader from 'ads.txt'
let read = ''
for await (const part of process.stdin) read += part
process.stdout.write(JSON.stringify(reader.parseAdsTxt(read)))
