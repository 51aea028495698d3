// Consent strings read, and written, by the npm package “@iabtcf/core”: on the input a list of strings, and a list of what is to be written.
import { TCModel, TCString, GVL } from '@iabtcf/core'
let read = ''
for await (const part of process.stdin) read += part
const { strings, models } = JSON.parse(read)
const told = (of) => ({
  purposes: [...of.purposeConsents].filter(([, is]) => is).map(([id]) => id),
  vendors: [...of.vendorConsents].filter(([, is]) => is).map(([id]) => id),
  interests: [...of.purposeLegitimateInterests].filter(([, is]) => is).map(([id]) => id),
  interestVendors: [...of.vendorLegitimateInterests].filter(([, is]) => is).map(([id]) => id),
  features: [...of.specialFeatureOptins].filter(([, is]) => is).map(([id]) => id),
  language: of.consentLanguage,
  country: of.publisherCountryCode,
  at: Math.floor(of.lastUpdated.getTime() / 1000),
  policy: Number(of.policyVersion),
  own: of.isServiceSpecific,
})
// A list of vendors as the framework publishes it, made up here: it is asked who there is.
const vendors = (ids) =>
  new GVL({
    gvlSpecificationVersion: 3,
    vendorListVersion: 1,
    tcfPolicyVersion: 4,
    lastUpdated: '2026-01-01T00:00:00Z',
    purposes: Object.fromEntries(Array.from({ length: 11 }, (_, i) => [i + 1, { id: i + 1, name: `p${i}`, description: '', illustrations: [] }])),
    specialPurposes: {},
    features: {},
    specialFeatures: { 1: { id: 1, name: 'f', description: '', illustrations: [] }, 2: { id: 2, name: 'f', description: '', illustrations: [] } },
    stacks: {},
    dataCategories: {},
    vendors: Object.fromEntries(
      ids.map((id) => [
        id,
        { id, name: `v${id}`, purposes: [1, 3, 4], legIntPurposes: [2, 7], flexiblePurposes: [], specialPurposes: [], features: [], specialFeatures: [] },
      ]),
    ),
  })
const write = (of) => {
  const model = new TCModel(vendors([...new Set([...of.vendors, ...of.interestVendors])]))
  model.cmpId = 4095
  model.cmpVersion = 1
  model.isServiceSpecific = true
  model.publisherCountryCode = of.country
  model.consentLanguage = of.language
  model.purposeConsents.set(of.purposes)
  model.purposeLegitimateInterests.set(of.interests)
  model.vendorConsents.set(of.vendors)
  model.vendorLegitimateInterests.set(of.interestVendors)
  model.specialFeatureOptins.set(of.features)
  model.created = model.lastUpdated = new Date(of.at * 1000)
  return TCString.encode(model, { segments: ['core'] })
}
const output = { read: strings.map((one) => told(TCString.decode(one))), written: models.map(write) }
process.stdout.write(JSON.stringify(output))
