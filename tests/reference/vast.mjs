// Documents of VAST read by the npm package “@dailymotion/vast-client”; on the input a list of documents.
import { DOMParser } from '@xmldom/xmldom'
import { VASTParser } from '@dailymotion/vast-client'
let read = ''
for await (const part of process.stdin) read += part
const told = []
for (const written of JSON.parse(read)) {
  const document = new DOMParser().parseFromString(written, 'text/xml')
  const parser = new VASTParser()
  parser.initParsingStatus()
  const found = { failed: null, ads: [] }
  try {
    found.ads = parser.parseVastXml(document, { isRootVAST: true, allowMultipleAds: true, followAdditionalWrappers: true })
  } catch (error) {
    found.failed = String(error)
  }
  const ad = found.ads[0]
  const linear = ad?.creatives.find((one) => one.type === 'linear')
  told.push({
    failed: found.failed,
    title: ad?.title ?? null,
    words: ad?.description ?? null,
    milliseconds: linear ? Math.round(linear.duration * 1000) : null,
    // -1 is for one that cannot be left.
    skip: linear?.skipDelay >= 0 ? linear.skipDelay : null,
    leads: linear?.videoClickThroughURLTemplate?.url ?? null,
    files: (linear?.mediaFiles ?? []).map((file) => [file.fileURL, file.mimeType, file.width, file.height]),
    impression: (ad?.impressionURLTemplates ?? []).map((one) => one.url),
    error: ad?.errorURLTemplates ?? [],
    click: (linear?.videoClickTrackingURLTemplates ?? []).map((one) => one.url),
    events: linear?.trackingEvents ?? {},
    onward: ad?.nextWrapperURL ?? null,
  })
}
process.stdout.write(JSON.stringify(told))
