// Reads a project and property lists with the npm packages “xcode” and “plist”.
import { readFileSync } from 'node:fs'
import { parse, parseOpenStep } from 'plist'
import xcode from 'xcode'

const { pbxproj, plists, strings } = JSON.parse(readFileSync(0, 'utf8'))
const project = xcode.project(pbxproj).parseSync()
const bare = (text) => String(text).replace(/^"|"$/g, '')
const named = (section) => Object.entries(section ?? {}).filter(([key]) => !key.endsWith('_comment'))
const objects = project.hash.project.objects
const targets = project.getFirstProject().firstProject.targets.map(({ value }) => objects.PBXNativeTarget[value]).map((target) => ({
  name: bare(target.name),
  kind: bare(target.productType),
  phases: target.buildPhases.map(({ value, comment }) => {
    const phase = Object.values(objects).map((section) => section[value]).find(Boolean)
    const path = (ref) => bare(objects.PBXFileReference[ref]?.path ?? objects.PBXVariantGroup?.[ref]?.name ?? '')
    return { called: comment, files: phase.files.map((file) => path(objects.PBXBuildFile[file.value].fileRef)) }
  }),
}))
const again = parseOpenStep(readFileSync(pbxproj, 'utf8'))
process.stdout.write(
  JSON.stringify({
    targets,
    settings: named(objects.XCBuildConfiguration).map(([, { buildSettings }]) =>
      Object.fromEntries(Object.entries(buildSettings).map(([key, value]) => [key, bare(value)])),
    ),
    regions: project.getFirstProject().firstProject.knownRegions.map(bare),
    objects: Object.keys(again.objects).length,
    plists: Object.fromEntries(Object.entries(plists).map(([name, xml]) => [name, parse(xml)])),
    strings: Object.fromEntries(Object.entries(strings).map(([name, text]) => [name, parseOpenStep(`{${text}}`)])),
  }),
)
