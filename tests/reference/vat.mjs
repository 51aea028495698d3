// Of the numbers on the input those that the npm package “jsvat-next” takes for VAT numbers.
import vat from 'jsvat-next'
let read = ''
for await (const part of process.stdin) read += part
const { checkVAT, countries } = vat
process.stdout.write(JSON.stringify(JSON.parse(read).filter((one) => checkVAT(one, countries).isValid)))
