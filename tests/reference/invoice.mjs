// An invoice as the npm package “@e-invoice-eu/core” writes it, for a day that comes on the input.
import { InvoiceService } from '@e-invoice-eu/core'
let read = ''
for await (const part of process.stdin) read += part
const { day } = JSON.parse(read)
const scheme = { 'cbc:ID': 'VAT' }
const money = (name, amount) => ({ [`cbc:${name}`]: amount, [`cbc:${name}@currencyID`]: 'EUR' })
const category = { 'cbc:ID': 'S', 'cbc:Percent': '19', 'cac:TaxScheme': scheme }
const party = (name, vat, address) => ({
  'cac:Party': {
    'cbc:EndpointID': vat,
    'cbc:EndpointID@schemeID': '9930',
    'cac:PostalAddress': address,
    'cac:PartyTaxScheme': [{ 'cbc:CompanyID': vat, 'cac:TaxScheme': scheme }],
    'cac:PartyLegalEntity': { 'cbc:RegistrationName': name },
  },
})
const buyer = party('Gull & Sons', 'DE136695976', { 'cac:Country': { 'cbc:IdentificationCode': 'DE' } })
buyer['cac:Party']['cac:PartyTaxScheme'] = buyer['cac:Party']['cac:PartyTaxScheme'][0]
const invoice = {
  'ubl:Invoice': {
    'cbc:CustomizationID': 'urn:cen.eu:en16931:2017',
    'cbc:ID': '2',
    'cbc:IssueDate': day,
    'cbc:DueDate': day,
    'cbc:InvoiceTypeCode': '380',
    'cbc:DocumentCurrencyCode': 'EUR',
    'cac:AccountingSupplierParty': party('Reef Works', 'ATU13585627', {
      'cbc:StreetName': 'Shell Road 3',
      'cbc:CityName': 'Vienna',
      'cbc:PostalZone': '1010',
      'cac:Country': { 'cbc:IdentificationCode': 'AT' },
    }),
    'cac:AccountingCustomerParty': buyer,
    'cac:TaxTotal': [
      {
        ...money('TaxAmount', '0.64'),
        'cac:TaxSubtotal': [{ ...money('TaxableAmount', '3.35'), ...money('TaxAmount', '0.64'), 'cac:TaxCategory': category }],
      },
    ],
    'cac:LegalMonetaryTotal': {
      ...money('LineExtensionAmount', '3.35'),
      ...money('TaxExclusiveAmount', '3.35'),
      ...money('TaxInclusiveAmount', '3.99'),
      ...money('PrepaidAmount', '3.99'),
      ...money('PayableAmount', '0.00'),
    },
    'cac:InvoiceLine': [
      {
        'cbc:ID': '1',
        'cbc:InvoicedQuantity': '1',
        'cbc:InvoicedQuantity@unitCode': 'C62',
        ...money('LineExtensionAmount', '3.35'),
        'cac:Item': { 'cbc:Name': 'Club, Monthly', 'cac:ClassifiedTaxCategory': category },
        'cac:Price': money('PriceAmount', '3.35'),
      },
    ],
  },
}
const quiet = { log() {}, warn() {}, error: console.error, debug() {} }
process.stdout.write(String(await new InvoiceService(quiet).generate(invoice, { format: 'UBL', lang: 'en', noWarnings: true })))
