<?php

declare(strict_types=1);

// Derived: see derive.mjs.
return <<<'WORDS'
a-coming:G: a-crowing:G: a-drinking:N: a-gracious:J: a-raising:G: a-reflects:P: a-stoopin:G: a-tall:J: a-wing:N: a:TVEJN:q aahs:S: ab:N:w aback:R:
abacuses:S: abalone:N:n abandon:VN:u abandoned:EDJ: abandoning:G: abandonment:N:a abandons:P: abaringe:N: abasement:N:s abashed:J: abate:V: abated:ED:
abatement:N:a abates:P: abating:G: abberations:S: abbey:N:x abbot:N:p abbreviated:J: abbreviation:N:w abbreviations:S: abdicate:V: abdomen:N:x
abdomens:S: abdominal:J: abdominis:N: abducted:EN: abduction:N:a abed:R: aberrant:J: aberrantly:R: aberration:N:s aberrations:S: abetted:ED:
abetting:G: abeyance:N:s abhor:V: abhorred:D: abhorrent:J: abhorrently:R: abide:V: abides:P: abiding:J: abilities:S: ability:N:u abject:J:
abjection:N:s abjectly:R: ablated:E: ablation:N:a ablaze:JR: able-bodied:J: able:J: abler:J: ably:R: abnormal:J: abnormalities:S: abnormality:N:s
abnormally:R: aboard:IR: abode:N:l abolish:V: abolished:ED: abolishing:G: abolition:N:a abolitionist:N:p abolitionists:S: abominable:J: abomination:N:p
aboriginal:J: aborigine:N:p aborigines:S: aborning:R: abort:V: aborted:JDE: abortifacient:N:x aborting:G: abortion-funding:J: abortion-related:J:
abortion-rights:SJ: abortion:N:a abortionist:N:p abortions:S: abortive:J: abound:V: abounded:D: abounding:G: abounds:P: about-face:N:a about-faced:D:
about:IJR: above-average:J: above-ceiling:N: above-ground:J: above-market:J: above-mentioned:J: above-normal:J: above-noted:J: above-target:J:
above-water:J: above:IJR: aboveboard:J: aboveground:J: abrasion-resistant:N: abrasive:JN:x abrasives:S: abreaction:N:a abreast:R: abridged:E:
abridges:P: abridging:G: abridgment:N:w abroad:R: abroade:R: abrogate:V: abrogated:E: abrupt:J: abruptly:R: abruptness:N:u abscess:N:s abscesses:S:
abscissa:N:k absence:N:s absences:S: absense:N: absent-minded:J: absent-mindedly:R: absent:JV: absented:D: absentee-ballot:N: absentee:JN:p
absenteeism:N:a absentees:S: absently:R: absentmindedly:R: absinthe:N:b absolute:JN:k absolutely:R: absoluteness:N:u absolutes:S: absolution:N:s
absolutism:N:s absolve:V: absolved:D: absolving:G: absorb:V: absorbed:EJD: absorbedthe:V: absorbency:N:u absorbent:J: absorber:N:x absorbers:S:
absorbing:GJ: absorbs:P: absorption:N:s absorptions:S: absorptive:J: abstain:V: abstained:D: abstaining:G: abstention:N:u abstentions:S: abstinence:N:u
abstract:JNV:k abstracted:JD: abstractedness:N:k abstracting:G: abstraction:N:k abstractionism:N:x abstractionists:S: abstractions:S: abstractive:J:
abstractly:R: abstractors:S: abstracts:S: abstruse:J: abstruseness:N:u abstrusenesses:S: absurd:J: absurdist:JN: absurdities:S: absurdity:N:w
absurdly:R: abundance:N:u abundant:J: abundantly:R: abusable:J: abuse:NV:a abused:EJD: abuser:N:p abusers:S: abuses:S: abusing:G: abusive:J:
abutments:S: abuzz:J: abysmal:J: abyss:N:x acacia:N:b academe:N:g academeh:N: academia:N:g academic:JN:p academically:R: academician:N:p
academicianship:N:a academics:S: academies:S: academy:N:g acapulco:N:l acccounting:N: accede:V: acceded:DE: accelerate:V: accelerated:EJD:
accelerates:P: accelerating:GJ: acceleration:N:u accelerations:S: accelerator:N:x accelerators:S: accelerometer:N:x accelerometers:S: accent:NV:w
accented:EJ: accenting:N:a accents:SP: accentual:J: accentuate:V: accentuated:ED: accentuates:P: accept:V: acceptability:N:u acceptable:J:
acceptance:N:k acceptances:S: accepted:EDJ: accepting:GJ: accepts:P: accesory:N: access:NV:u accessed:E: accesses:S: accessibility:N:u accessible:J:
accessions:S: accessories:S: accessory:NJ:x accident:N:a accidental-war:N: accidental:J: accidentally:R: accidently:R: accidents:S: acclaim:NV:w
acclaimed:EDJ: acclaims:P: acclamation:N:w acclimatized:E: accolade:N:w accolades:S: accommodate:V: accommodated:E: accommodates:P: accommodating:G:
accommodation:N:a accommodations:S: accommodative:J: accomodate:V: accomodations:S: accompanied:ED: accompanies:P: accompaniment:N:a accompaniments:S:
accompanist:N:p accompanists:S: accompany:V: accompanying:GJ: accompli:N: accomplice:N:p accomplices:S: accomplish:V: accomplished:EJD: accomplishes:P:
accomplishing:G: accomplishment:N:a accomplishments:S: accompnaying:G: accord:NVR:s accordance:N:w accorded:ED: according:G: accordingly:R:
accordion-folding:J: accordion:N:x accords:SP: accosted:ED: accosting:G: account-churning:N: account:NV:w accountability:N:u accountable:J:
accountant:N:p accountants:S: accounted:DE: accounting-rules:J: accounting:NGJ:w accounts:SP: accouterment:N:x accouterments:S: accreditation:N:a
accredited:DE: accrediting:N: accreted:E: accretion:N:s accretions:S: accrual:N:a accruals:S: accrue:V: accrued:EJ: accrues:P: accruing:G:
acculturated:E: acculturation:N:a accumulate:V: accumulated:EJD: accumulates:P: accumulating:GJ: accumulation:N:s accumulator:N:p accuracy:N:u
accurate:J: accurately:R: accusation:N:w accusations:S: accusatory:J: accuse:V: accused:EDJN:p accuser:N:p accusers:S: accuses:P: accusing:GJ:
accusingly:R: accustomed:EJ: accustoms:P: ace:N:q acerbic:J: aces:SP: acetate:N:x acetominophen:N: acetone:N:x acetonemia:N:s acetylene-fueled:J:
acetylene:N:x ache:NV:s ached:D: aches:SP: achievable:J: achieve:V: achieved:EDJ: achievement-test:N: achievement:N:a achievements:S: achieves:P:
achieving:G: aching:GJ: acid-fast:J: acid-rain:NJ: acid:NJ:x acidified:E: acidity:N:u acidly:R: acids:S: acidulous:J: aciduria:N: acknowledge:V:
acknowledged:DEJ: acknowledgement:N:s acknowledges:P: acknowledging:G: acknowledgment:N:s acknowledgments:S: acknowleged:D: acne:N:s acolyte:N:p
aconte:N: acorns:S: acoustic:J: acoustical:J: acoustically:R: acoustics:S:k acquaint:V: acquaintance:N:k acquainted:E: acquiesce:V: acquiesced:DE:
acquiescence:N:s acquiesence:N: acquire:VN: acquired:EJD: acquirer:N:p acquirers:S: acquires:P: acquiring:G: acquisition-hungry:J:
acquisition-minded:J: acquisition-proof:J: acquisition:N:a acquisitions:S: acquisitive:J: acquisitiveness:N:u acquisiton:N: acquistion:N: acquit:V:
acquittal:N:a acquitted:ED: acre-feet:N: acre:N:q acreage:N:u acres:S:m acrid:J: acrimonious:J: acrimony:N:u acrobacy:N: acrobat:N:p acrobatic:J:
acrobatics:S:a acrobats:S: acronym:N:w across-the-board-cuts:S: across-the-board:JNR: across:IR: acrylic-fiber:J: acrylic:N:x act:NV:w acted:DE:
acting:GJN:a actinometer:N:x action-adventure:J: action-oriented:J: action-packed:J: action-results:S: action:N:a actionable:J: actions:S: activate:V:
activated:EJ: activating:G: activation:N:s active-matrix:JN: active-player:N: active:JN:x actively:R: actives:S: activism:N:k activist:NJ:p
activists:SP: activities:S: activity:N:a actor:N:p actors:S: actress:N:p actresses:S: acts:SP:w actual:J: actualities:S: actuality:N:s actually:R:
actuarial:J: actuarially:R: actuaries:S: actuary:N:p actuate:V: actuated:E: actuators:S: acumen:N:b acupuncture:N:a acupuncturist:N: acute-care:N:
acute:JN:w acutely:R: ad-agency:N: ad-free:J: ad-hoc:J: ad-lib:N:w ad-rate:N: ad-supported:J: ad:N:w adage:N:w adagio:NR:w adagios:S: adam:N:p
adamant:J: adamantly:R: adapt:V: adaptability:N:u adaptable:J: adaptation:N:w adaptations:S: adapted:ED: adapter:N:p adapters:S: adapting:GN:
adaptor:N:x adapts:P: add-on:JN:w add-ons:S: add:V: added-value:J: added:DJE: addict:N:p addicted:EJ: addiction-treatment:JN: addiction:N:s
addictions:S: addictive:J: addicts:S: adding:GN: addition:N:x additional:J: additionally:R: additions:S: additive:N:x additives:S: addle-brained:J:
addled:JE: address:NV:w addressed:EJD: addressee:N:p addressees:S: addresses:SP: addressing:G: addresss:S: adds:P: adduce:V: adenocard:N: adenoma:N:s
adenomas:N: adept:J: adepts:S: adequacy:N:u adequate:J: adequately:R: adhere:V: adhered:ED: adherence:N:a adherent:JN:p adherents:S: adheres:P:
adhering:G: adhesion:N:s adhesive:JN:x adhesives:S: adieu:N:w adios:N:w adipic:J: adjacent:J: adjectival:J: adjective:N:w adjectives:S: adjoined:D:
adjoining:GJ: adjoins:P: adjourn:V: adjourned:DE: adjourning:NG: adjournment:N:a adjourns:P: adjudged:E: adjudging:G: adjudicate:V: adjudication:N:a
adjudicator:N:p adjudicators:S: adjunct:NJ:x adjuncts:S: adjust:V: adjustable-rate:J: adjustable:J: adjustablerate:N: adjustables:S: adjusted:EJD:
adjuster:N:p adjusters:S: adjusting:GN: adjustment:N:a adjustments:S: adjusts:P: adman:N:p admen:S: administer:V: administered:ED: administering:G:
administers:P: administrate:V: administration:N:a administrations:S: administrative:J: administratively:R: administrator-general:N: administrator:N:p
administrators:S: adminstration:N: adminstrative:J: admirable:J: admirably:R: admiral:N:p admirals:S: admiralty:N:g admiration:N:s admire:V:
admired:DEJ: admirer:N:p admirers:S: admires:P: admiring:G: admiringly:R: admissible:J: admission:N:a admissions:S: admit:V: admits:PS: admittance:N:u
admittances:S: admitted:DEJ: admittedly:R: admittees:S: admitting:G: admixed:E: admonished:D: admonishing:G: admonishments:S: admonition:N:w
admonitions:S: ado:N:a adobe:N:x adolescence:N:t adolescent:NJ:p adolescents:S: adonis:N:p adopt:V: adoptable:J: adopted:EDJ: adoptee:N:p adoptees:S:
adopters:S: adopting:G: adoption-assistance:J: adoption-business:N: adoption:N:a adoptions:S: adoptive:J: adopts:P: adorable:J: adore:V: adored:DE:
adores:P: adoring:G: adorn:V: adorned:ED: adornments:S: adorns:P: adrenal:JN:x adrenaline:N:x adrift:R: adroit:J: adroitly:R: adroitness:N:k ads:S:
adsorbed:E: adsorbs:P: adulation:N:w adult-literacy:N: adult-training:J: adult:NJ:p adulterate:V: adulterated:EJ: adulterer:N:p adulterers:S:
adulterous:J: adultery:N:a adulthood:N:t adults:S: advance-purchase:JN: advance:NJV:a advanced-ceramics:NS: advanced-materials:J:
advanced-technology:JN: advanced:DEJ: advancement:N:w advancements:S: advancer:N:p advancers:S: advances:SP: advancing:GJ: advantage:NV:u
advantageous:J: advantageously:R: advantages:S: advent:N:a adventitious:J: adventure-based:J: adventure-loving:J: adventure:NV:a adventurer:N:p
adventurers:S: adventures:S: adventuresome:J: adventuring:N: adventurism:N:u adventurist:J: adventurous:J: adventurously:R: adverb:N:w adverbial:J:
adverbs:S: adversarial:J: adversaries:S: adversary:NJ:p adverse:J: adversely:R: adversities:S: adversity:N:s advert:N:w advertise:V: advertised:EJD:
advertisement:N:w advertisements:S: advertiser-bankrolled:J: advertiser-programming:N: advertiser-sponsored:J: advertiser:N:p advertisers:S:
advertises:P: advertising-backed:J: advertising-conscious:J: advertising:NG:w advertorial:J: advice:N:w advisability:N:u advisable:J: advise:VN:
advised:EDJ: advisedly:R: advisement:N:k adviser:N:p advisers:S: advises:P: advising:GN: advisor:N:p advisories:S: advisors:S: advisory:JN:w
advocacy:N:a advocate:NV:p advocated:ED: advocates:SP: advocating:G: aegean:N:x aegis:N:a aeon:N:p aerate:V: aerated:E: aerates:P: aeration:N:s
aerator:N:x aerial:J: aerialists:S: aerials:S: aerobic:J: aerobics:NS:a aerodynamic:J: aerogenes:S: aeromedical:J: aeronautical:J: aerosal:N:
aerosol:N:s aerosolized:E: aerosols:S: aerospace-industry:N: aerospace:NJ:l aeschylus:N:p aesthetes:S: aesthetic:JN:k aesthetically:R: aesthetics:S:k
afar:R: affable:J: affadavit:N: affair:N:k affairs:S:k affect:VN:s affectation:N:a affectations:S: affected:EJD: affecting:G: affectingly:R:
affection:N:s affectionate:J: affectionately:R: affections:S: affects:PS: afferent:J: affianced:E: affidavit:N:w affidavits:S: affied:D: affilates:S:
affiliate:NV:p affiliated:EJ: affiliates:SP: affiliating:G: affiliation:N:s affiliations:S: affilliate:N: affinities:S: affinity:N:s affirm:V:
affirmation:N:w affirmations:S: affirmative-action:N: affirmative:JN:w affirmed:DE: affirming:G: affirms:P: affix:V: affixed:EJ: afflict:V:
afflicted:EJ: afflicting:G: affliction:N:s afflictions:S: afflicts:P: affluence:N:s affluent:JN:p afford:V: affordability:N: affordable:J: afforded:ED:
affording:G: affords:P: affront:N:a affronted:E: affronting:G: afghan:N:x aficionado:N:p afield:R: afire:RJ: aflame:J: aflatoxin-free:J:
aflatoxin-producing:J: aflatoxin-related:J: aflatoxin:N:x afloat:R: afoot:RJ: aforementioned:JE: aforesaid:JR: aforethought:JN: afoul:R: afraid:J:
afresh:R: africa:N:x aft:JNR: after-dinner:J: after-duty:J: after-effects:S: after-hours:JSR: after-run:J: after-school:J: after-tax:JN: after:IR:
afterburners:S: aftereffect:N:s aftereffects:S: afterglow:N:s aftermarket:JN: aftermath:N:s aftermaths:S: afternoon:N:t afternoons:SR: aftershave:N:
aftershock-damping:J: aftershock-resistant:J: aftershock:N:a aftershocks:S: aftertax:JN: afterthought:N:k afterward:R: afterwards:R: aftuh:R: ag:NJ:x
again:R: against:I: againt:N: agate:N:x agates:S: agave:N:b agayne:R: age-and-sex:J: age-bias:J: age-discrimination:JN: age-old:J: age-specific:J:
age:NV:u aged-care:N: aged:EJSD:g ageless:J: agencies:S: agency-dealing:J: agency:N:g agenda-setter:N: agenda:NS:k agendas:S: agent:N:x
agents-in-training:S: agents:S: ages:SP: agglomerate:NV:x agglomeration:N:g agglutinating:G: agglutination:N:s agglutinin:N:x agglutinins:S:
aggrandizing:G: aggravate:V: aggravated:ED: aggravates:P: aggravating:GJ: aggregate:JN:x aggregates:S: aggregation:N:g aggregations:S: aggression:N:u
aggressions:S: aggressive:J: aggressively:R: aggressiveness:N:u aggressor:N:p aggrieved:EJ: aghast:J: agile:J: agilely:R: agility:N:u agin:IR:
aging:GJN:s agitate:V: agitated:DE: agitating:G: agitation:N:s agitator:N:p agitators:S: agleam:J: aglimmering:G: agnomen:N:w agnostics:S: ago:RI:
agonies:S: agonize:V: agonized:DJ: agonizes:P: agonizing:J: agony:N:s agranulocytosis:N:s agrarian-reform:J: agrarian:JN: agree:V: agreeable:J:
agreeableness:N:u agreeably:R: agreed-on:J: agreed-to:J: agreed-upon:IJ: agreed:DEJ: agreeement:N: agreeing:G: agreement:N:w agreements:S: agrees:P:
agressive:J: agribusiness:N:a agricultural-research:J: agricultural:J: agriculturally:R: agriculturals:S: agriculture-based:J: agriculture-chemicals:S:
agriculture-extension:N: agriculture-related:J: agriculture:N:a agriproducts:S: agro-chemicals:S: agro-industrial:J: agro-industry:J: agrochemical:N:
agronomist:N:p aground:R: ague:N:s ah:UV: ahdawam:U: ahead:RJ: ahem:U: ahs:U: ai:VP: aid-to-education:N: aid:NV:u aide-de-camp:N:p aide:N:p aided:ED:
aides:S:p aiding:G: aids:SP:s ailerons:S: ailing:GJ: ailment:N:s ailments:S: ails:SP: aim:NV:k aimed:ED: aiming:G: aimless:J: aimlessly:R:
aimlessness:N:u aims:PS: air-cargo:N: air-cell:J: air-charter:J: air-conditioned:J: air-conditioner:N:x air-conditioners:S: air-conditioning:NJ:
air-defense:J: air-express:N: air-frame:N: air-freight-forwarding:J: air-freight:NJ: air-injection:N: air-interdiction:N: air-launched:J:
air-passenger:N: air-pollution:N: air-quality:N: air-separation:N: air-service:N: air-tickets:S: air-to-air:J: air-to-ground:J: air-to-surface:J:
air-traffic-control:N: air-traffic:N: air-water:J: air-waybill:J: air:NVE:x airbags:S: airborne-radar:N: airborne:J: airconditioner:J:
aircraft-electronics:N: aircraft-engine:JN: aircraft-navigation:N: aircraft-test:J: aircraft:NS:x airdrops:S: aired:ED: airfare:N:m airfield:N:x
airfields:S: airflow:N:a airframe:N:x airframes:S: airheads:S: airily:R: airing:GN:w airings:S: airless:J: airlift:N:a airlifted:E: airlifting:G:
airline-acquisition:J: airline-crash:J: airline-deregulation:N: airline-financed:J: airline-hostess:N: airline-industry:N: airline-interior:J:
airline-landing:J: airline-related:J: airline:N:x airliner:N:x airliners:S: airlines:S: airlock:N:x airmail:N:w airmailed:D: airman:N:p airmen:S:
airplane:N:x airplanes:SP: airplay:N: airport:N:x airports:S: airs:SP:u airspeed:N:t airstrip:N:x airstrips:S: airtime:N: airwaves:S: airway:N:x
airways:S: airworthiness:N:s airy:J: aisle:N:x aisles:S: ajar:R: ajury:N: akin:J: al:SN:x alabama:N:l alabaman:N:p alabamian:N:p alabaster:NJ:x
alarm:NV:s alarmed:EJ: alarming:JG: alarmingly:R: alarmism:N:w alarmist:J: alarms:SP: alas:U: alaska:N:l albany:N:l albatross:N:k albeit:IR:
albicans:S: albino:N:p album:N:w albumin:N:x albums:S: alchemists:S: alchemy:N:z alcohol-powered:J: alcohol-producing:J: alcohol-related:J: alcohol:N:f
alcoholic-beverage:N: alcoholic:JN:p alcoholics:S: alcoholism:N:s alcohols:S: alcoves:S: alderman:N:p aldermen:S: alders:S: ale:N:f aleck:N:
alert:JVN:s alerted:DE: alerting:G: alertly:R: alertness:N:k alerts:PS: alfalfa:N:b alfresco:JNR: algae:S:n algaecide:N: algebra:N:k algebraic:J:
algebraically:R: alginates:S: algorithm:N:k alias:N:w alibi:N:w alibis:S: alien:JN:p alienate:V: alienated:ED: alienates:P: alienating:GJ:
alienation:N:s aliens:S: alight:JV: align:V: aligned:EJ: alignment:N:g alignments:S: alike:RJ: alimony:N:m aliquot:N:q aliquots:S: alive:JR:
alizarin:N:x alkali:SN:x alkaline:J: alkalis:S: alkaloids:S: alky:N:p alkylarysulfonate:N: alkylbenzenesulfonate:N:x alkylbenzenesulfonates:S:
all-around:J: all-automatic:J: all-black:J: all-cargo:J: all-cash:J: all-college:N: all-consuming:J: all-county:J: all-day:J: all-employee:J:
all-exclusive:J: all-expenses-paid:J: all-federal:J: all-female:J: all-important:J: all-in-all:R: all-inclusive:J: all-knowing:J: all-lesbian:J:
all-married:J: all-natural:J: all-new:J: all-news:J: all-night:J: all-nighters:S: all-options:J: all-out:J: all-over:I: all-paper:JN: all-pervading:J:
all-powerful:J: all-purpose:J: all-round:J: all-star:J: all-stock:J: all-student:J: all-terrain:J: all-time:J: all-too-brief:J: all-too-familiar:J:
all-too-sincere:J: all-victorious:J: all-weather:J: all-white:J: all-woman:J: all:TR: allay:V: allayed:E: allaying:G: allegation:N:w allegations:S:
allege:V: alleged:EJD: allegedly:R: alleges:PS: allegiance:N:a allegiances:S: alleging:G: allegoric:J: allegorical:J: allegory:N:w allegro:J:
allergic:J: allergies:S: allergy:N:s alleviate:V: alleviates:P: alleviating:G: alleviation:N:s alley:N:x alleys:S: alleyway:N:x alleyways:S:
allgedly:R: alliance:N:s alliances:S: allied:EJD: allies:S:g alligator:N:x alligatored:E: alligators:S: alliteration:N:w alliterative:J: allnight:J:
allocable:J: allocate:V: allocated:ED: allocates:P: allocating:GN: allocation:N:m allocations:S: allocator:N:p allot:V: alloted:E: allotment:N:m
allotments:S: allotted:ED: allotting:G: allout:J: allow:V: allowable:J: allowance:N:m allowances:S: allowed:EJVD: allowing:G: allows:P: alloy:N:x
alloys:S: allrightniks:S: alltime:N: alluded:DE: alludes:P: alluding:G: allure:N:u allurement:N:k alluring:J: allusion:N:w allusions:S:
allusiveness:N:u alluvial:J: ally:NV:g allying:G: alma:JN: almanac:N:w almond:N:b almonds:S: almost-industry:N: almost:RJ: aloes:N:x aloft:R: alone:RJ:
aloneness:N:u along:IR: alongside:IR: aloof:JR: aloofness:N:s aloud:R: alpenglow:N: alpha-beta-gammas:S: alpha:JN:w alphabet:N:w alphabetic:J:
alphabetical:J: alphabetically:R: alphabetized:DE: alreadeh:R: already-developed:J: already-expensive:J: already-identified:J: already-known:J:
already-nervous:N: already-reluctant:J: already-shaky:J: already-sizable:J: already-strained:J: already-tense:J: already:R: also-ran:N:p also:R:
altar:N:x alter-ego:N: alter-parents:S: alter:VJ: alteration:N:a alterations:S: altercation:N:w altered:EJD: altering:G: alternate:JVN:p alternated:DE:
alternately:R: alternates:PS: alternating:G: alternation:N:a alternative-energy:J: alternative-fueled:J: alternative-fuels:JS: alternative-operator:N:
alternative:NJ:k alternatively:R: alternatives:S: alters:P: altho:IN: although:I: altitude-azimuth-mounted:J: altitude:N:u altitudes:S: alto:N:p
altogether:R: altruism:N:u altruistic:J: altruistically:R: altruists:S: alum:N:x alumina:N:x aluminum-hulled:J: aluminum-industry:N: aluminum-makers:S:
aluminum:NJ:x alumnae:S: alumni:S: alumnus:N:p alundum:N:x alveolar:NJ:w alveoli:S: alveolus:N:x always-present:J: always:R: am:VR: amahs:S:
amalgam:N:x amalgamate:V: amalgamated:E: amalgamation:N:a amalgamations:S: amanuensis:N:p amass:V: amassed:ED: amasses:P: amassing:NG: amateur:NJ:p
amateurish:J: amateurishness:N:k amateurism:N:k amateurs:S: amatory:J: amaze:V: amazed:EDJ: amazement:N:s amazing:J: amazingly:R: amazons:S:
ambassador:N:p ambassadors:S: amber:JN:u ambiance:N:s ambidextrous:J: ambiguities:S: ambiguity:N:w ambiguous:J: ambition:N:s ambitions:S: ambitious:J:
ambitiously:R: ambivalence:N:s ambivalent:J: amble:V: ambled:D: ambling:G: ambrosial:J: ambulance:N:x ambulatory:J: ambuscade:N:a ambush:NV:a
ambushed:DE: amelioration:N:a amen:U: amenable:J: amend:V: amendatory:J: amended:ED: amending:G: amendment:N:a amendments:S: amenities:S:m america:N:l
american:N:p americana:N:x americanism:N:u amethystine:J: amiable:J: amicable:J: amicably:R: amicus:N: amid:I: amide:N:x amidst:I: amines:S: amino:J:
aminometha:N: aminomethane:N:x amiss:J: amity:N:u ammo:N:x ammonia:N:x ammoniac:J: ammonium:N:x ammunition:N:x amnesty:N:s amniotic:J: amok:R: among:I:
amongst:I: amoral:J: amorality:N:u amorist:N:p amorous:J: amorphous:J: amorphously:R: amortization:N:a amortize:V: amortized:E: amortizing:JG:
amount:NV:m amounted:DE: amounting:G: amounts:SP: amp:N:q amphetamines:S: amphibious:J: amphibology:N:w amphitheater:N:x amphobiles:S: ample:J:
amplification:N:a amplified:E: amplifier:N:x amplifiers:S: amplifies:P: amplify:V: amplifying:G: amply:R: amps:S: amputated:E: amputation:N:s
amputations:S: amsterdam:N:l amulet:N:x amulets:S: amuse:V: amused:EJD: amusedly:R: amusement:N:s amusements:S: amusing:J: amusingly:R: an:TCJ:
anabaptist:N:p anachronism:N:t anachronisms:S: anachronistic:J: anachronistically:R: anaconda:N:n anacondas:SP: anaerobic:J: anaesthesia:N:s
anagram:N:w analeptic:J: analgesic:JN:x analog:NJ:u analogies:S: analogous:J: analogously:R: analogue:N:u analogues:S: analogy:N:k analysed:E:
analyses:SP: analysis:N:a analyst:N:p analystics:S: analysts:S: analytic:JN: analytical-instruments:J: analytical:J: analytically:R: analyticity:N:u
analyzable:J: analyze:V: analyzed:ED: analyzer:N:x analyzes:P: analyzing:GN: anaplasmosis:N:s anaprapath:N: anarchic:J: anarchical:J:
anarchist-adventurers:S: anarchist:N:p anarchy:N:s anastomoses:SP: anastomosis:N:x anastomotic:J: anathema:N:p anatomic:J: anatomical:JN:w
anatomically:R: anatomicals:S: anatomy:N:k ancestor:N:p ancestors:S: ancestral:J: ancestry:N:g anchor:NV:x anchorage:N:s anchorages:S: anchored:EDJ:
anchoring:G: anchorite:N:p anchoritism:N: anchorman:N:p anchormen:S: anchors:SP: anchorwoman:N: anchovy:N:f ancient:JN:p anciently:R: ancients:S:g
ancillary:J: ancistrodon:N:n and:CVJR: andrena:N:n anecdotal:J: anecdote:N:w anecdotes:S: anemated:E: anemia:N:s anemias:S: anemic:J: anemics:S:
anesthetic:N:x anesthetically:R: anesthetics:S: anesthetized:JE: anew:R: angel:N:p angelfish:N:n angelic:J: angelica:N:b angels:S: anger:NV:s
angered:EJD: angering:G: angers:P: angina:N:s angiotensin:N:x angle:NV:u angler:N:p angles:S: anglican:N:p angling:GN:a anglo-american:N:p
anglo-saxon:N:p anglophilia:N:s angora:N:l angriest:J: angrily:R: angry:J: angst:N:s anguish:NV:s anguished:J: angular:J: anhemolyticus:N: anhydrous:J:
anhydrously:R: ani:J: aniline:N:x animal-based:J: animal-health:N: animal-human:N: animal-like:J: animal-protection:N: animal-rights:SJN: animal:NJ:z
animalcare:J: animals:S: animate:J: animated:JDE: animates:P: animation:N:s animism:N:k animized:E: animosities:S: animosity:N:s anion:N:x anionic:J:
anionics:S: anions:S: anise:N:b aniseikonic:J: anisotropy:N:u ankle-deep:J: ankle:N:x ankles:S: anlayst:N: annals:SN:w annex:NV:x annexation:N:a
annexed:D: annihilate:V: annihilation:N:a anniversaries:S: anniversary:N:t annnouncement:N: annointed:E: annotated:E: announce:V: announced:DEJ:
announcement:N:w announcements:S: announcer:N:p announcers:S: announces:P: announcing:G: announcment:N: annoy:V: annoyance:N:s annoyances:S:
annoyed:EDJ: annoying:JN:a annoys:P: annual-income:N: annual:JN:b annualized:EDJ: annually:R: annuities:S: annuity:N:m annulled:D: annum:N:t
annunciated:E: anode:N:x anodes:S: anoint:V: anointing:G: anomalies:S: anomalous:J: anomaly:N:s anomic:J: anomie:N:s anonymity:N:s anonymous:J:
anonymously:R: anorexia:N:s anorthic:J: another:TJN: ansuh:V: answer:NV:w answerable:J: answered:DE: answering:GN: answers:SP: ant:N:n antacid:N:x
antagonised:E: antagonism:N:s antagonisms:S: antagonist:N:p antagonistic:J: antagonists:S: antagonize:V: antares:N:x ante-bellum:JN: ante:NV:m
anteater:N:n anteaters:S: antebellum:J: antecedent:N:p antecedents:S: antelope:NS:n antenna:N:x antennae:S: antennas:S: anterior:J: anteriors:S:
anthem:N:w anthems:S: anthers:S: anthill:N:x anthology:N:w anthrax:N:s anthropological:J: anthropologist:N:p anthropologists:S: anthropology:N:k
anthropomorphic:J: anti-abortion:JN: anti-abortionist:N: anti-abortionists:S: anti-acne:N: anti-aircraft:J: anti-airline-takeover:J: anti-airline:N:
anti-alcohol:J: anti-androgen:J: anti-androgens:S: anti-anemia:N: anti-apartheid:JN: anti-army:J: anti-assignment:J: anti-authoritarian:J:
anti-ballistic-missile:J: anti-bike:J: anti-business:J: anti-cancer:J: anti-cartel:J: anti-catholicism:N:k anti-choice:J: anti-cholesterol:J:
anti-cigarette:J: anti-clericalism:J: anti-clotting:J: anti-communist:J: anti-competitive:J: anti-conservation:J: anti-contamination:J:
anti-convulsive:J: anti-crime:J: anti-debt:J: anti-deer:J: anti-defense:J: anti-democratic:J: anti-depressant:JN: anti-development:J: anti-diabetes:J:
anti-diarrheal:J: anti-dilutive:J: anti-discrimination:JN: anti-discriminatory:J: anti-drug-law:N: anti-drug:JN: anti-dumping:J: anti-epilepsy:J:
anti-epileptic:J: anti-extortion:N: anti-flag-burning:J: anti-foreign:J: anti-foreigner:N: anti-fraud:J: anti-freeze:JN: anti-fungal:J: anti-gay:J:
anti-generic:J: anti-government:JN: anti-growth:J: anti-heroes:S: anti-homosexual:J: anti-hooligan:J: anti-human:J: anti-hypertensive:J:
anti-idiotypes:S: anti-infective:J: anti-infectives:S: anti-inflation:J: anti-inflationary:J: anti-intellectual:J: anti-intellectualism:JN:
anti-leak:J: anti-liquor:J: anti-lobbying:J: anti-lobbyist:N: anti-lock:J: anti-management:J: anti-market:J: anti-men:J: anti-militarists:S:
anti-miscarriage:J: anti-missile:JN: anti-monopoly:J: anti-morning-sickness:J: anti-nausea:J: anti-nuclear:J: anti-oil:J: anti-opera:N:
anti-organization:J: anti-outsider:N: anti-party:J: anti-personality:J: anti-pesticide:J: anti-plaque:J: anti-pocketbook:J: anti-polio:J:
anti-pollution:J: anti-price-fixing:J: anti-productive:J: anti-profiteering:J: anti-program-trading:J: anti-program:J: anti-programmers:S:
anti-prostitution:J: anti-psychotic:J: anti-racketeering:J: anti-recession:J: anti-reformers:S: anti-rejection:J: anti-rightist:J: anti-science:J:
anti-scientific:J: anti-secrecy:J: anti-seizure:J: anti-semite:N:p anti-semitism:N:k anti-shock:J: anti-shoplifting:J: anti-slavery:J: anti-smokers:S:
anti-smoking:J: anti-social:J: anti-socialist:J: anti-state:J: anti-statist:N: anti-submarine:J: anti-switching:J: anti-takeover:JN:
anti-tax-shelter:J: anti-tax:J: anti-terrorism:J: anti-toxic:J: anti-trust:J: anti-ulcer:J: anti-union:J: anti-viral:J: anti-virus:J:
anti-vivisectionists:S: anti-war-related:J: anti-war:J: anti-white:J: anti-wrinkling:J: anti:IN:p antianemia:J: antibacterial:J: antibiotic:NJ:x
antibiotics:S: antibodies:S: antibody-based:J: antibody-making:J: antibody-producing:J: antibody:N:x antic:J: anticipate:V: anticipated:EJD:
anticipates:P: anticipating:G: anticipation:N:s anticipations:S: anticipatory:J: anticoagulant:N:x anticoagulants:S: anticoagulation:N:a
anticompetitive:J: anticorruption:N: antics:S: anticult:N: anticus:N: antidepressant:N:x antidote:N:x antifraud:N: antifreeze:N:x antifundamentalist:J:
antigen:N:x antihero:N:p antihistamine:N:x antihistorical:J: antilock:J: antimaterialism:N: antimissile:J: antimonide:N: antipathies:S: antipathy:N:s
antiphonal:J: antipodes:S:l antiquarian:J: antiquarians:S: antiquated:J: antique-car:N: antique:JN:p antiques:S: antiquities:S: antiquity:N:t
antirealistic:J: antiredeposition:N:s antiseptic:JN:x antisera:N: antiserum:N:x antislavery:J: antismoking:J: antisocial:J: antisubmarine:J:
antitakeover:J: antithesis:N:z antithetical:J: antithyroid:J: antitrust-law:JN: antitrust:JN: antiviral:J: antiwar:J: ants:S: antsy:JR: anvil:N:x
anxieties:S: anxiety-free:J: anxiety-released:N: anxiety:N:s anxious:J: anxiously:R: any:TR: anybody:N: anye:J: anyhow:R: anylabel:N: anymore:R:
anyone:N: anyplace:R: anythin:N: anything:N: anytime:R: anyway:R: anyways:U: anywhere:R: aorta:N:x apace:R: apache:N:p aparently:R: apart:RJ:
apartheid:N:w apartment-building:N: apartment:N:x apartments:S: apathetic:J: apathy:N:s ape:N:n aperture:N:x apex:N:l aphorisms:S: apiece:RJ: aping:G:
aplenty:JR: aplomb:N:u apocalypse:N:a apocalyptic:J: apocalyptics:S: apocryphal:J: apogee:N:t apologetic:J: apologetically:R: apologia:N:w apologies:S:
apologist:N:p apologists:S: apologize:V: apologized:DE: apologizes:P: apologizing:G: apology:N:w apoplectic:J: apostates:S: apostle:N:p apostles:S:
apostolic:J: apothecary:N:p apotheosis:N:p appall:V: appalled:EJ: appalling:J: appallingly:R: appalls:P: appanage:N:m apparat:N: apparatus:N:x
apparel-maker:N: apparel:NV:x appareled:E: apparency:N:u apparent:JN: apparently:R: apparition:N:p apparitions:S: appartus:N: appeal:NV:w appealed:DE:
appealing:JG: appeals-court:NJ: appeals:SP: appear:V: appearance:N:u appearances:S: appeared:DE: appearin:G: appearing:G: appears:PS: appease:V:
appeased:ED: appeasement:N:a appeasing:N: appellate-court:N: appellate:JN: append:V: appendages:S: appended:E: appendix:N:w appestat:N: appetite:N:s
appetites:S: appetizer:N:f appetizing:J: applaud:V: applauded:DE: applauding:G: applauds:P: applause-happy:J: applause:N:w apple-flavored:J:
apple-industry:N: apple-pie:N: apple-tree:N: apple:N:f applejack:N:f applelike:J: apples:SJ: appliance-controls:N: appliance:N:x appliances:S:
applicability:N:z applicable:J: applicant:N:p applicants:S: application:N:a applications:S: applicator:N:x applicators:S: applied:EDJ: applies:P:
appliques:S: apply:V: applying:G: appoint:V: appointed:EJD: appointee:N:p appointees:S: appointing:G: appointment:N:a appointments:S: appoints:P:
apportion:V: apportioned:E: apportionment:N:a apportionments:S: appraisal:N:k appraisals:S: appraise:V: appraised:E: appraiser:N:p appraisers:S:
appraising:G: appraisingly:R: appreciable:J: appreciably:R: appreciate:V: appreciated:EDJ: appreciates:P: appreciating:GN: appreciation:N:k
appreciations:S: appreciative:J: appreciatively:R: apprehend:V: apprehended:E: apprehending:G: apprehension:N:s apprehensions:S: apprehensive:J:
apprehensively:R: apprentice:N:p apprenticed:E: apprentices:S: apprenticeship:N:a apprised:E: approach:NV:a approachable:J: approached:DE:
approaches:SP: approaching:G: appropriate:JV: appropriated:ED: appropriately:R: appropriateness:N:u appropriates:P: appropriating:GN: appropriation:N:m
appropriations:S: appropriators:S: approval:N:a approvals:S: approve:V: approved:DEJ: approves:P: approving:G: approvingly:R: approximate:JVN:
approximated:EJD: approximately:RJ: approximates:P: approximation:N:k approximations:S: apricot:N:b april:N:t apron:N:x aprons:S: apses:S: apt:J:
aptitude:N:k aptitudes:S: aptly:R: aptness:N:u aqua-lung:N:x aquamarine:N:x aquarium:N:x aquatic:J: aqueducts:S: aqueous:J: aquifer:N:x aquifers:S:
aquisition:N: aquisitions:S: arabesque:N:u arabic:J: arable:J: aramid:N: arb:N:p arbiter:N:p arbitrage-related:J: arbitrage:N:a arbitrager:N:p
arbitragers:S: arbitrageur:N:p arbitrageurs:S: arbitraging:G: arbitrarily:R: arbitrary:J: arbitrate:V: arbitrated:E: arbitrates:P: arbitrating:G:
arbitration-eligibility:N: arbitration:N:w arbitrator:N:p arbitrators:S: arboreal:J: arborists:S: arbs:S: arc:NV:s arcade:N:x arcaded:J: arcades:S:
arcane:J: arch-enemy:N: arch-heretic:N: arch-opponent:N: arch-rival:JN: arch:NV:u archaeological:J: archaeologist:N:p archaeologists:S: archaeology:N:k
archaic:J: archaism:N:w archaized:D: archangel:N:p archangels:S: archbishop:N:p archdiocese:N:l arched:JDE: archenemy:N: archeological:J: archery:N:a
arches:SP: archetype:N:k archetypes:S: archetypical:J: archfool:N: arching:G: archipelago:N:x architect-developer:N: architect:N:p architectonic:J:
architects:S: architectural:J: architecturally:R: architecture:N:x architectures:S: archival:J: archive:N:x archives:S:w archivist:N:p archness:N:u
archrival:JN: archtype:N: arclike:J: arcs:S: arctic:J: arcus:N:x ardent:J: ardently:R: ardor:N:s arduous:J: are:V: area-code:J: area-sales:J:
area-wide:J: area:N:l areas:SE: areaway:N:x areaways:S: arena:N:s arenas:S: areosol:N: argon:N:x argot:N:w argriculture:N: arguably:R: argue:V:
argued:DE: argues:P: arguing:GN:w argument:N:w argumentation:N:w arguments:S: aria:N:w arianism:N:k arianist:N:p arias:S: arid:J: aridity:N:u arise:V:
arisen:E: arises:P: arising:G: aristocracy:N:g aristocrat:N:p aristocratic:J: aristocratically:R: aristocrats:S: aristotle:N:p arithmetic:N:k
arithmetical:J: arithmetized:E: arizona:N:l arkansas:N:l arkylbenzene:N: arm-elevation:N: arm-levitation:N: arm-rise:N: arm:NV:x armadillo:N:n
armadillos:S: armament:N:x armaments:S: armchair:NJ:x armchairs:S: armed:EJ: armful:N:q armhole:N:x armies:S: arming:N:a armistice:N:s armload:N:
armoire:N:x armor:N:x armored-vehicle:J: armored:JE: armory:N:k armpit:N:x armpits:S: arms-control:NJ: arms-export:J: arms-kickback:N: arms-making:N:
arms-production:N: arms-reduction:NJ: arms-sales:J: arms:S:x army:N:g arnica:N:b aroma:N:u aromas:S: aromatic:J: aromatick:J: aromatics:S: arose:D:
around-the-clock:J: around-the-world:J: around:IR: arousal:J: arouse:V: aroused:ED: arouses:P: arousing:G: arpeggios:S: arraigned:DE: arraigning:G:
arrange:V: arranged:ED: arrangement:N:k arrangements:S: arrangers:S: arranges:P: arranging:G: array:N:g arrayed:E: arrays:S: arrearage:N: arrearages:S:
arrears:S:s arrest:NV:a arrested:ED: arresting:GJ: arrests:S: arrival:N:a arrivals:S: arrive:V: arrived:DE: arrives:P: arriving:G: arrogance:N:u
arrogant:J: arrogantly:R: arrogate:V: arrogating:G: arrow:N:w arrowed:J: arrowheads:S: arrows:S: arroyo:N:x arsenal:N:x arsenals:S: arsenic:N:x
arsenide:N:x arside:N: arsines:S: arson:N:a arsonist:N:p art-acquisition:J: art-auction:N: art-dealing:J: art-filled:J: art-historian:N:
art-historical:J: art-nouveau:J: art-shop:N: art-world:N: art:NV:x artemisia:N:b arterial:J: arteries:S: arteriolar-pulmonary:J: arteriolar:J:
arteriole:N:x arterioles:S: arteriolosclerosis:N:s arteriosclerosis:N:s artery-clogging:N: artery-pulmonary:N: artery:N:x artful:J: artfully:R:
artfulness:N:u arthritic:J: arthritis:N:s artichoke:N:b article:N:w articles:S: articulate:JV: articulated:E: articulation:N:w articulations:S:
artifact:N:z artifacts:S: artifical:J: artifically:R: artifice:N:a artificial-heart:J: artificial:JN: artificiality:N:u artificially:R: artillerist:N:
artillerists:S: artillery:N:x artilleryman:N:p artisan:N:p artisans:S: artist-author:N: artist-nature:N: artist:N:p artistas:S: artistic:J:
artistically:R: artistry:N:k artists:S: artless:J: arts:S:k artsy:J: artwork:N:w artworks:S: arty:J: aryl:N: arylesterase:N: arylesterases:S:
as-it-were:R: as-yet:R: as:IJR: asbestos-abatement:JN: asbestos-containing:J: asbestos-disease:N: asbestos-related:J: asbestos-removal:NJ: asbestos:N:x
asbestosis:N:s ascend:V: ascendancy:N:s ascended:D: ascendency:N:s ascending:G: ascension:N:t ascent:N:x ascents:S: ascertain:V: ascertainable:J:
ascertained:ED: ascetic:N:p asceticism:N:k ascetics:S: ascribe:V: ascribed:ED: ascribes:P: aseptic:J: aseptically:R: ash-blonde:J: ash:N:x asham:J:
ashamed:J: ashare:N: ashen:J: ashes:S: ashore:RJ: ashtrays:S: asia:N:x aside:R: asides:S: asinine:J: ask:V: askance:R: asked:DEJ: askew:R: askin:G:
asking:GJN:w asks:P: asleep:RJ: asocial:J: asparagus:N:b aspect:N:k aspects:S: aspen:NJ:b aspens:S: aspersion:N:w aspersions:S: asphalt-hard:J:
asphalt:NJ:x asphyxia:N:s aspirant:N:p aspirants:S: aspiration:N:u aspirational:J: aspirations:S: aspire:V: aspired:D: aspires:P: aspirin:N:x
aspiring:JG: ass:N:x assail:V: assailant:N:p assailants:S: assailed:ED: assailing:G: assails:P: assassin:N:p assassinate:V: assassinated:ED:
assassinating:G: assassination:N:w assassinations:S: assassins:S: assault-weapons:J: assault:NV:a assaulted:DE: assaulting:G: assaults:S: assay:N:k
assayed:E: assaying:G: assays:S: asseet:N: assemblage:N:g assemblages:S: assemble:V: assembled:EDJ: assembles:P: assemblies:S: assembling:GN:a
assembly-line:N: assembly:N:x assent:N:w assented:DE: assert:V: asserted:DE: assertedly:R: asserting:G: assertion:N:w assertions:S: assertive:J:
assertiveness:N:u asserts:P: asses:S: assesment:N: assess:V: assessed:ED: assesses:P: assessing:G: assessment:N:k assessments:S: assessor:N:p
assessories:S: assessors:S: asset-allocation:JN: asset-backed:J: asset-based:J: asset-forfeiture:N: asset-growth:N: asset-liability:JN:
asset-management:N: asset-quality:J: asset-rich:J: asset-sale:J: asset-stripping:J: asset-trading:N: asset-valuation:N: asset:N:u assets:S:m
assiduity:N:u assiduously:R: assign:V: assigned-risk:N: assigned:EDJ: assignee:N:p assigning:G: assignment:N:a assignments:S: assigns:PS:
assimilable:J: assimilate:V: assimilated:EJ: assimilating:G: assimilation:N:s assist:VN:a assistance:N:a assistant:NJ:p assistants:S:
assisted-living:J: assisted:ED: assisting:G: assists:PS: associaitons:S: associate-label:J: associate:JVN:p associated:EDJ: associates:SP:
associating:G: association:N:g associations:S: associatively:R: assorted:JE: assortment:N:g assortments:S: assuage:V: assuaged:E: assuaging:G:
assume:V: assumed:EDJ: assumes:P: assuming:G: assumption:N:w assumptions:S: assurance:N:k assurances:S: assure:V: assured:EDJN: assuredly:R: assures:P:
assuring:G: assyrian:N:p assyriology:N:k ast:J: asterisk:N:w asterisks:S: asteroid:JN:x asteroids:S: asters:S: asthma:N:s astigmatism:N:s astir:J:
astonished:ED: astonishing:J: astonishingly:R: astonishment:N:s astound:V: astounded:EJ: astounding:J: astoundingly:R: astounds:P: astral:J: astray:R:
astride:I: astringency:N:k astringent:J: astrological:J: astrology:N:k astronaut:N:p astronauts:S: astronomer:N:p astronomical:J: astronomically:R:
astronomy:N:k astrophysicist:N:p astrophysics:S:k astute:J: astuteness:N:k asunder:R: asw:N: asylum:N:x asymmetric:J: asymmetrically:R: asymmetry:N:u
asymptomatic:J: asymptotic:J: asymptotically:R: asynchrony:N:z at-bat:N:a at-bats:S: at-home:J: at-large:J: at-market:J: at-risk:J: at:IDR:
atavistic:J: ataxia:N:s ate:D: atelier:N:x athabascan:N:w atheism:N:k atheist:JN:p atheistic:J: atheists:S: athens:N:l atheromatous:J:
athlete-payoff:J: athlete-s:N: athlete-student:N: athlete:N:p athletes:S: athletic-shoe:JN: athletic:J: athletically:R: athleticism:N:u athletics:S:a
atlanta:N:l atlantic:N:x atm:N:q atmosphere:N:s atmospheres:S: atmospheric:J: atolls:S: atom-like:J: atom-smashing:N: atom:N:x atomic:J:
atomisation:N:a atoms:S: atonal:J: atonally:R: atone:V: atonement:N:m atop:I: atrium:N:x atrocious:J: atrociously:R: atrocities:S: atrocity:N:u
atrophic:J: atrophied:E: atrophy:NV:s atrun:J: att:I: attach:V: attache:N:p attached:EJD: attaches:P: attaching:G: attachment:N:s attachments:S:
attack:NV:a attacked:ED: attacker:N:p attackers:S: attacking:GN: attacks:SP: attactive:J: attain:V: attainable:J: attained:DE: attaining:GN:
attainment:N:a attainments:S: attains:P: attarcks:S: attempt:NV:a attempted:DJE: attempting:G: attempts:SP: attend:V: attendance:N:a attendant:NJ:p
attendants:S: attended:DE: attendee:N:p attendees:S: attendent:N: attendents:S: attending:G: attends:P: attention-grabbing:J: attention:N:k
attentions:S: attentive:J: attentively:R: attest:V: attested:ED: attesting:G: attests:P: attic:N:x attica:N:l attics:S: attire:N:x attired:JE: attis:N:
attitude:N:k attitudes:S: attitudinizing:N: attorney-client:J: attorney-consultant:N: attorney-disciplinary:J: attorney:N:p attorneys:S: attract:V:
attractant:N: attracted:ED: attracting:G: attraction:N:s attractions:S: attractive:J: attractively:R: attractiveness:N:u attracts:P: attributable:J:
attribute:VN:k attributed:DE: attributes:SP: attributing:G: attributions:S: attrition:N:s attuned:EJ: atune:N: atypical:J: au:N:x auburn:J:
auction-fee:J: auction-house:N: auction:NV:a auctioned:ED: auctioneer:N:p auctioning:N: auctions:SP: audacious:J: audacity:N:u audible:J: audibly:R:
audience-friendly:J: audience:N:g audiences:S: audio-specialty:N: audio-visual:JN: audio:JN:w audiocassettes:S: audiophiles:S: audiotex:N:
audiovisual:J: audit:NV:m audited:EJD: auditing:NG: audition:NV:k auditioning:G: auditions:S: auditor-general:N: auditor:N:p auditorium:N:x auditors:S:
audits:NS: aug:N:t augment:V: augmented:EJD: augmenting:G: augur:V: augurs:P: august:J: aunt:N:p aunts:S: aura:N:s aural:J: aurally:R: aureomycin:N:x
aureus:N: auspices:S:a auspicious:J: auspiciously:R: austere:J: austerely:R: austerity:N:u austin:N:l australia:N:l authentic:J: authentically:R:
authenticate:V: authentication:N:w authentications:S: authenticator:N:p authenticity:N:u author:N:p authored:E: authoring:G: authoritarian:J:
authoritarianism:N:g authoritative:J: authoritatively:R: authorities:S:g authority:N:u authorization:N:w authorizations:S: authorize:V: authorized:EDJ:
authorizes:P: authorizing:G: authors:S: authorship:N:a autions:S: autism:N:k autistic:J: auto-assembly:N: auto-buying:N: auto-dealer:N:
auto-emission:N: auto-emissions:S: auto-financing:N: auto-immune:J: auto-industry:NJ: auto-insurance:N: auto-limitation:N: auto-loaders:S: auto-loan:J:
auto-maker:N: auto-making:N: auto-market:N: auto-obscuria:N: auto-parts:JS: auto-repair:J: auto-safety:J: auto-sales:S: auto-strop:J: auto:N:x
autobiographic:J: autobiographical:J: autobiography:N:w autoclave:N:x autocollimator:N: autocracies:S: autocracy:N:g autocrat:N:p autocratic:J:
autocrats:S: autofluorescence:N:s autograph:NV:w autographed:EJ: autographer:N: autographs:S: autoimmune:J: autoloader:N:x automaker:N:g automakers:S:
automate:V: automated-pit-trading:N: automated-quotation:N: automated-teller-machine:J: automated-teller:JN: automated-trading:N: automated:EJD:
automates:P: automatic:JN:x automatically:R: automating:G: automation:N:a automaton:N:p automobile-manufacturing:J: automobile-parts:J:
automobile-tire:J: automobile:N:x automobiles:S: automotive-industry:N: automotive-lighting:JN: automotive-parts:J: automotive-product:N: automotive:J:
autonavigator:N: autonomic-somatic:J: autonomic:J: autonomous:J: autonomously:R: autonomy:N:s autopsied:E: autopsies:S: autopsy:NV:a autos:S:
autumn-touched:J: autumn:N:t autumnal:J: autumns:S: auxiliaries:S: auxiliary:JN:p avail:NV:u availabilities:S: availability:N:u available:J: availed:D:
availing:G: avalanche:N:a avaliable:J: avant-garde:JN:g avarice:N:a avaricious:J: avenge:V: avenger:N:p avenging:JG: avenue:N:a avenues:S:
average:JNV:k averaged:DE: averages:SP: averaging:GJN: averred:D: averse:J: aversion:N:s avert:V: averted:ED: averting:G: averts:P: avian:J: aviary:N:x
aviation-services:SJ: aviation:N:g aviator:N:p aviators:S: avid:J: avidity:N:s avidly:R: avionics:SN:k avocado:N:f avocados:S: avocation:N:a avoid:VJ:
avoidable:J: avoidance:N:a avoided:EJD: avoiding:G: avoids:P: avowed:J: avowedly:R: avuncular:J: aw:U: await:V: awaited:DJE: awaiting:G: awaits:P:
awake:JRV: awaken:V: awakened:ED: awakening:GN:a awakens:P: award-winning:J: award:NV:a awarded:ED: awarding:GN:a awards:SP: aware:J: awareness:N:k
awash:JR: away-from-home:J: away:R: awaye:R: awe-inspiring:J: awe:N:s awed:EJ: awes:P: awesome:J: awful:JR: awfully:R: awfulness:N:u awhile:R:
awkward:J: awkwardly:R: awkwardness:N:k awnings:S: awoke:D: awry:RJ: ax:N:x axe:N:x axes:S: axial:J: axially:R: axiological:J: axiom:N:w axiomatic:J:
axioms:S: axis:N:k axle-breaking:J: axle:N:x axles:S: aya:N: ayatollah:N:p aye:R: ayes:S: ayni:S: azalea:N:b azaleas:S: azimuth:N:u azure:J: b-plane:N:
b-reflects:P: b:N:n ba-a-a:U: babbiting:N: babble:N:w babbled:D: babe:N:p babel:N:x babes:S: babies:S: baboon:N:n baboons:S: baby-boomers:S:
baby-faced:J: baby-food:J: baby-products:J: baby-sitter:N:p baby:NU:p babyhood:N:t babylonian:N:p baccalaureate:N:w bachelor-type:J: bachelor:N:p
bachelors:S: baci:S: back-alley:J: back-dating:G: back-disability:N: back-door:J: back-end:J: back-issue:J: back-lighted:J: back-of-the-envelope:J:
back-office:NJ: back-offices:S: back-on-terra-firma:J: back-pain:N: back-pay:N: back-room:N: back-slapping:J: back-to-back:J: back-to-school:J:
back-up:NJ: back-ups:S: back-yard:JN: back:RIJNV:x backbeat:N:w backbench:J: backbend:N:a backbends:S: backbone:N:k backdated:D: backdoor:J:
backdrop:N:x backed-up:J: backed:EJD: backer:N:p backers:S: backfield:N:g backfire:V: backfired:DE: backfires:P: backfiring:G: backflips:P:
background:NJ:u backgrounds:S: backhand:N:a backhanded:J: backhoe:N:x backhome:N: backing:GN:a backlash:N:a backlit:J: backlog:N:g backlogs:S:
backlots:S: backpack:N:x backpackers:S: backpacks:S: backpedal:V: backpedaling:G: backroom:N:x backrooms:S: backs:SP: backside:N:l backsides:S:
backslapping:G: backstage:R: backstitch:NV:x backstop:NV:p backtracking:NG: backup:NJ:s backups:S: backward:RJ: backwardness:N:k backwards:RSJ:
backwater:NJ:x backwoods-and-sand-hill:J: backwoods:SJ:l backyard:N:x backyards:S: bacon:N:f bacteria-based:J: bacteria-contaminated:J:
bacteria-free:J: bacteria:S:n bacterial:J: bacterium:N:n bad-cop:J: bad-debt:J: bad-expectations:J: bad-fitting:J: bad-law:N: bad-neighbor:J:
bad-news:JN: bad-risk:J: bad-smelling:J: bad:JNR:u baddebt:J: bade:D: badge-toter:N: badge:N:w badgered:D: badgering:G: badges:S: badinage:N:w
badly-needed:J: badly:R: badmen:S: badminton:N:a badness:N:u bads:S: baffle:V: baffled:EJD: baffling:J: bag:NV:x bagel:N:f bagels:S: baggage:N:x
bagged:DJ: baggy:J: bagpipe:N:x bags:SP: bail-jumping:N: bail:VN:m bailed:DE: bailiff:N:p bailing:GN: bailout:N: bailouts:S: bait:NV:k baited:E:
bake-offs:S: bake-oven:N: bake:JV: baked:JDE: baker:N:p bakeries:S: bakers:S: bakery-mix:J: bakery:N:x bakes:P: bakeware:N: baking:NG:a baklava:N:f
baksheesh:N:m balance-of-payments:SJ: balance-sheet:NJ: balance-wise:J: balance:NVJR:s balanced-budget:JN: balanced:JDE: balances:SP: balancing:NG:a
balconies:S: balcony:N:x bald-faced:J: bald:J: balding:JG: baldish:J: baldness:N:s bale:NV:x baleful:J: bales:S: bali:N:l balinese:N:w balk:V:
balkanized:J: balked:DE: balkiness:N:u balking:G: balks:P: ball-bearing:N: ball-carriers:S: ball-hawking:J: ball:N:x ballad:N:w ballads:S: ballards:S:
ballast:N:x balled:E: ballerina:N:p ballerinas:S: ballet:N:a balletic:J: balletomane:N:p ballets:S: ballfields:S: ballgowns:S: balling:G: ballistic:J:
ballistics:S:s balloon:NV:x ballooned:ED: ballooning:NG:a balloonists:S: balloons:SP: ballot-burning:J: ballot:N:w balloting:N:a ballots:S:
ballpark:N:x ballparks:S: ballplayer:N:p ballplayers:S: ballroom:N:x balls:S: ballyhoo:N:w ballyhooed:E: ballyhooey:N: balm:N:x balmy:J: baloney:N:w
balsam:N:b balsams:S: baltimore:N:l balustrade:N:x balzac:N:p bam:U: bambino:N:p bamboo:N:b bamboozled:E: ban:NV:w banal:J: banalities:S:
banalization:N: banana-exporting:J: banana:N:b bananas:S: band-wagon:J: band:NV:g bandage:N:x bandaged:EJ: bandages:S: banded:E: bandied:E: banding:G:
bandit:N:p banditos:S: bandits:S: bandoleer:N:x bandoleers:S: bands:S: bandstand:N:x bandwagon:N:k bandwidth:N:q bane:N:s baneful:J: bang-sashes:S:
bang:NVU:a banged:DE: banging:GN:a bangish:J: bangs:SP: banish:V: banished:ED: banishes:P: banishing:G: banishment:N:s banister:N:x banisters:S:
banjo:N:x bank-affiliated:J: bank-backed:J: bank-baiting:J: bank-branch:J: bank-credit:N: bank-debt:N: bank-director:N: bank-embezzlement:J:
bank-fraud:NJ: bank-holding:JGN: bank-looting:J: bank-owned:J: bank-sponsored:J: bank-teller:N: bank:NV:x banked:DJE: banker-editor:N: banker:N:p
bankers:S: bankholding:G: banking-related:J: banking:NJG:a bankroll:V: bankrolled:DE: bankrolling:G: bankrupcy:N: bankrupt:JNV:p bankruptcies:S:
bankruptcy-court:NJ: bankruptcy-law:NJ: bankruptcy-proceedings:S: bankruptcy:N:s bankruptcylaw:N: bankrupts:P: bankrupty-law:N: banks:SP:p banned:ED:
banner:N:x banners:S: banning:GN:w bannnnnng:V: banquet-hall:N: banquet:N:g banquetings:S: banquets:S: bans:SP: banshee:N:p banshees:S: banter:N:w
bantered:E: bantering:G: baptism:N:a baptismal:J: baptisms:S: baptist:N:p baptistery:N:x baptized:E: bar-buddy:N: bar-code:J: bar-staged:J: bar:NV:x
barb:N:w barbarian:N:p barbarians:S: barbaric:J: barbarisms:S: barbarous:J: barbecue:NV:f barbecued:E: barbecues:S: barbed-wire:JN: barbed:JE:
barbell:N:x barbequed:J: barber:N:p barbers:S: barbital:N:x barbiturate:N:x barbs:S: bard:N:p bards:S: bare-armed:J: bare-bones:J: bare-footed:J:
bare:JV: bared:D: barefoot:RJ: barefooted:J: barely:R: barest:J: barflies:S: bargain-basement:JN: bargain-buying:J: bargain-hunt:V: bargain-hunters:S:
bargain-hunting:NJ: bargain-priced:J: bargain:NV:w bargained:DE: bargaining-chip:N: bargaining:NJG:w bargains:SP: barge:NV:x barged:ED: bargelike:J:
bargen:V: barges:SP: barging:G: baring:G: baritone:NJ:p barium:N:x bark-nibbling:J: bark:NV:b barked:D: barkeep:N:p barking:GN: barks:P: barley:N:f
barn-burner:N: barn:N:x barnacles:S: barnburner:N:p barnful:N:q barns:S: barnsful:N: barnstormer:N:p barnyard:N:x barnyards:S: barometer:N:x
barometers:S: barometric:J: baron:N:p baroness:N:p baronial:J: barons:S: barony:N:m baroque:JN:t baroreceptor:N:x barrack:N:x barracks:NS: barrage:N:w
barred:ED: barrel-a-day:J: barrel-chested:J: barrel-per-day:J: barrel-vaulted:J: barrel-wide:J: barrel:NV:x barreling:G: barrels-a-day:J: barrels:S:q
barren:J: barricade:NV:x barricades:S: barrier-free:J: barrier-island:N: barrier:N:x barriers:S: barring:G: barrio:N:l barrister:N:p barristers:S:
barroom:N:x barrow:N:q bars:SP:x bartender:N:p bartenders:S: barter:N:a bartered:E: bartering:N: bas-relief:N: bas-reliefs:S: bascially:R:
base-metal:N: base-metals:S: base-price:N: base-rate:J: base-runner:N: base-stealing:J: base-wage:J: base:NVJ:x baseball-card:J: baseball-loving:J:
baseball-watching:J: baseball:N:a baseballight:N: baseballs:S: based:ED: baseless:J: baseline:NJ:z baseman:N: basement:N:x basements:S: baser:J:
bases:SP: bash:NV:a bashed:DE: basher:N: bashes:S: bashful:J: bashing:JGN: basic-cable:J: basic:JN:w basically:R: basics:S:w basil:N:b basileis:S:
basileus:N:p basin:N:x basing:G: basins:S: basis-point:N: basis:N:z basked:D: basket:N:x basketball-cutback:N: basketball-playing:N: basketball:N:a
baskets:S: basking:G: basophilic:J: bass:N:u basses:S: bassinet:N:x bassist:N:p basso:N:p bassoon:N:x bastard:N:p bastards:S: basting:N:x bastion:N:g
bastions:S: bat-roost:J: bat:NV:n batch:N:g batches:S: bateau:JN: bated:J: bath-supplies:S: bath:N:x bathe:V: bathed:ED: bather:N:p bathers:S:
bathing:NG:a bathos:N:w bathrobe:N:x bathrobes:S: bathroom:N:x bathrooms:S: baths:SP: bathtub:N:x bathtubs:S: bathwater:N: batmobile:N: baton:N:x
bats:SP: batsman:N:p battalion:N:g battalions:S: batted:DE: batten:N:x battens:S: batter:NV:p battered:EDJ: batterie:N: batteries:S: battering:GN:a
batters:SP: battery-driven:J: battery-operated:JN: battery-powered:J: battery:N:g batting:GN:a battle-ax:N:x battle-cries:N: battle-cry:N:
battle-shattered:J: battle:NV:a battled:DE: battlefield-electronic:J: battlefield:N:l battlefields:S: battlefront:N:l battleground:N:l battlegrounds:S:
battlegroups:S: battlements:S: battles:SP: battling:GN: batwing:N:x batwings:S: bauble:N:w baubles:S: bavaria:N:l bawdy:J: bawdyhouse:N:x bawh:N:
bawhs:S: bawled:D: bawling:G: bay:N:x bayed:DE: baying:NG: bayleefe:N: bayly:N: bayonet:N:x bayonets:S: bays:S: bazaar:N:x bazaars:S: bd:S:w be-that:V:
be-thonged:J: be:VE: beach-drift:N: beach-head:N: beach-house:N: beach-party:N: beach:N:x beached:J: beaches:S: beachfront:NJ:x beachhead:N:l
beaching:G: beacon:N:w bead-like:J: bead:N:x beaded:E: beadle:N:p beads:S:x beadsman:N:p beadwork:N:x beady:J: beak:N:n beaker:N:x beakers:S: beam:NV:w
beamed:E: beaming:GJ: beams:SP: bean-counting:N: bean:NEJ:f beanballs:S: beans:S: beanstalk:N:b bear-like:J: bear-market:N: bear:VN:n bearable:J:
beard:N:x bearded:JDE: beardless:J: beardown:J: beards:S: bearer:N:p bearing:GJN:z bearings:S: bearish:J: bearishly:R: bearishness:N: bears:PS:
beast:N:z beasties:S: beastly:J: beasts:S: beat-up:J: beat:VJNDE:l beaten:EJ: beatific:J: beatification:N:s beating:GN:a beatings:S: beatnik:N:p
beatniks:S:g beats:PS:g beau:N:p beauteous:J: beauticians:S: beauties:S: beautiful:J: beautifully-built:J: beautifully-tapered:J: beautifully:R:
beautify:V: beautifying:G: beauty-care:J: beauty-idiom:N: beauty:N:u beaver:N:x beavered:D: beavers:S: beavertail:N: bebop:N:w becalmed:J: became:D:
becase:I: because:IR: beckon:V: beckoned:DE: beckoning:GN: beckons:P: become:VDE: becomed:E: becomes:P: becometh:P: becomin:G: becoming:GN:
bed-and-breakfast:J: bed-hopped:D: bed-liner:N: bed-time:N: bed-type:J: bed:NV:x bedazzled:E: bedazzlement:N: bedded:E: bedding:N:x bedevil:V:
bedeviled:E: bedfast:J: bedfellows:S: bedground:N:l bedlam:N:s bedpans:S: bedpost:N:x bedraggled:J: bedridden:J: bedrock:N:x bedroom:N:x bedrooms:S:
beds:S: bedside:N:l bedspread:N:x bedsprings:S: bedstead:N:x bedstraw:N:b bedtime:N:t bee:N:n beebread:N:x beech:N:b beef-fat:J: beef-feeding:J:
beef-hungry:J: beef-import:J: beef-jerky:N: beef:NV:n beefed-up:J: beefed:ED: beefing:G: beefore:I: beefs:P: beefsteak:N:f beefy:J: beehive:N:x
been:EV: beep:N:a beeped:E: beeper:NJ:x beepers:S: beeping:GN: beeps:S: beer-bellied:J: beer-belly:N: beer-cooling:G: beer-distribution:N:
beer-drinker:N: beer-guzzling:J: beer-industry:N: beer-related:J: beer-runner:N: beer-runners:S: beer-running:N: beer-tax:J: beer:N:f beers:S: bees:S:
beeswax:N:x beet:N:b beetle-browed:J: beetle:N:n beetles:S: beetling:J: beets:S: befall:V: befallen:E: befell:D: befits:P: befitting:GJ: befogged:J:
befoh:R: before-and-after:J: before-school:J: before-tax:J: before:IR: beforehand:R: befouled:E: befriended:DE: befriends:P: befuddled:DE: befuddles:P:
befuddling:GJ: beg:V: began:D: begat:D: beget:V: begets:P: beggar-thy-neighbor:J: beggar:N:p beggars:S: beggary:N:w begged:DE: begging:GN:w begin:V:
begining:N: beginner:N:p beginners:S: beginning:GJN:a beginnings:S: begins:P: begonia:N:b begot:D: begotten:E: begrudge:V: begs:P: beguile:V:
beguiled:E: beguiling:J: begun:E: behahn:R: behalf:N:a behave:V: behaved:DE: behaves:P: behaving:G: behavior-modification:N: behavior:N:a behavioral:J:
behaviorally:R: behaviors:S: behaviour:N:s beheaded:D: beheading:NG:a beheld:D: behemoth:N:p behemoths:S: behest:N:w behind-schedule:J:
behind-the-scenes:J: behind:INR:x behold:V: beholden:J: beholder:N:p beholds:P: behooves:P: behynde:I: beige:J: bein:G: being:GJN:s beinge:G: beings:S:
belaboring:GN: belated:J: belatedly:R: belch:N:a belched:D: belching:NG:a beleaguered:JE: belfries:S: belfry:N:x belie:V: belied:D: belief:N:k
beliefs:S: belies:P: believability:N:u believable:J: believably:R: believe:V: believed:DE: believer:N:p believers:S: believes:P: believeth:P:
believing:G: belittle:V: belittled:J: belittling:G: bell-ringer:N: bell-ringers:S: bell-ringing:J: bell:N:x bellboy:N:p bellboys:S: belle:N:p belled:J:
belles:S: bellhop:N:p bellhops:S: bellicosity:N:u bellies:S: belligerence:N:s belligerent:J: belligerently:R: bellow:NV:w bellowed:DE: bellowing:G:
bellows:PN:x bellringers:S: bells:S: bellwether:NJ:p bellwethers:S: belly-flopped:D: belly-up:JR: belly:NR:x bellyaching:N: bellyfull:N: belong:VJ:
belonged:DE: belonging:GN:s belongings:S:m belongs:P: beloved:JEN:p below-average:J: below-investment-grade:J: below-investment:J: below-market:J:
below:IR: belowground:N: belshazzar:N:p belt-driven:J: belt-tightening:S: belt:N:x belted:D: belting:NG:x belts:SP: beltway:N:x beluga:N:n belying:G:
bemaddening:G: bemoan:V: bemoaned:D: bemoaning:G: bemoans:P: bemused:J: bench:NV:x benches:S: benchmark:NJ:w benchmarks:S: bend:VN:u bending:G:
bends:SP:s beneath:IR: benediction:N:a benefactor:N:p benefactors:S: beneficence:N:s beneficial:J: beneficially:R: beneficiaries:S: beneficiary:NJ:p
beneficient:J: benefit-plan:J: benefit-seeking:N: benefit:NV:m benefited:DE: benefiting:G: benefits-consulting:J: benefits-for-all:J:
benefits-services:J: benefits:SP: benevolence:N:s benevolent:J: benighted:J: benign:J: benignant:J: bennington:N:l bent:DEJN:k benzene:N:x
benzodiazepines:S: bequeath:V: bequeathed:ED: bequest:N:m bequests:S: berated:ED: bereavement:N:s bereavements:S: bereft:JE: beret:N:x berg:N:x
bergs:S: beribboned:J: beriberi:N:s berlin:N:l berms:S: bern:N:l berries:S: berry:N:f berserk:JR: berth:N:a berths:S: beryllium:N:x beseech:V:
beseiged:E: beset:EJD: besets:P: besetting:G: beside:IR: besides:IR: besiege:V: besieged:EJ: besieger:N:p besiegers:S: besieging:G: besmirch:V:
besmirched:D: besmirching:G: bespeak:V: bespeaks:P: bespectacled:J: best-case:J: best-educated:J: best-financed:J: best-gaited:J: best-hearted:J:
best-known:J: best-laid:J: best-looking:J: best-managed:J: best-of-seven:J: best-performing:J: best-pitcher:J: best-preserved:J: best-run:J:
best-seller:N: best-sellers:S: best-selling:J: best-tempered:J: best:JRN:a bested:ED: bestes:S: bestial:J: bestiary:N:w besting:G: bestioles:S:
bestirred:E: bestow:V: bestowal:N:a bestowed:ED: bestows:P: bestseller:N:w bestsellers:S: bestselling:J: bestubbled:J: bet:NRVDE:m beta-blocker:N:
beta-thalassemia:N: beta:NJ:w betas:S: bete:J: betel-stained:J: bethought:V: betide:V: betray:V: betrayal:N:a betrayed:ED: betrayer:N:p betraying:G:
betrays:P: betrothal:J: betrothed:D: bets:S: better-capitalized:J: better-educated:J: better-known:J: better-off:J: better-paying:J: better-prepared:J:
better-quality:J: better-remembered:J: better-safe-than:J: better-selling:J: better-than-average:J: better-than-expected:JN: better-than-thou:J:
better:JRV: bettered:D: bettering:G: betterment:N:a betters:S: betties:S: betting:GN: between:IR: betwen:N: bevel:V: beveled:E: beveling:G: bevels:S:
beverage:N:f beverages:S: bevy:N:g bewail:V: beware:V: beween:N: bewhiskered:J: bewildered:EJ: bewilderedly:R: bewildering:GJ: bewilderingly:R:
bewilderment:N:k bewilders:P: bewitched:E: bewitching:G: bewteen:I: beyond-normal:J: beyond:IR: bhoy:N: bi-modal:J: bi-monthly:J: bi-polar:J:
bi-regional:J: bi:I: bianco:N: biannual:J: bias:N:k biased:E: biases:S: bib:N:x bible:JN:w bibles:S: biblical:J: bibliographical:J: bibliographies:S:
bibliography:N:w bibliophiles:S: bibs:S: bibulous:J: bicameral:J: bicarbonate:N:x bicentennial:NJ:t bicep:N: biceps:SN:x bich:N: biches:S: bickered:E:
bickering:NG:w biconcave:J: bicycle-auto:J: bicycle:N:x bicycles:S: bicycling:N:a bicyclist:N:p bid-asked:J: bid-rigging:N: bid-to-cover:JN:
bid-wanted:J: bid:NDEV:w bidder:N:p bidders:S: biddies:S: bidding:NGJ:w bide:V: bided:E: bids:SP: biennial:J: biennium:N: bifocal:J: bifocals:S:x
bifurcate:V: bifurcated:J: big-boned:J: big-borrowing:J: big-bucks:J: big-budget:J: big-business:JN: big-chested:J: big-city:JN: big-company:J:
big-daddy:J: big-deposit:J: big-fee:J: big-game:J: big-hearted:J: big-large:N: big-league:J: big-money:J: big-name:J: big-risk:J: big-selling:J:
big-shouldered:J: big-souled:J: big-stage:J: big-stakes:J: big-stock:J: big-ticket:J: big-time:J: big-town:J: big-tube:J: big:J:
bigger-than-expected:J: bigger:JR: biggest-ever:J: biggest-selling:J: biggest:JR: biggie:N: bigness:N:u bigoted:J: bigotry:N:k bigots:S: bigticket:N:
bike:N:x biker:N:p bikers:S:g bikes:S: biking:N: bikini:N:l bikinis:S: bilateral:J: bile:N:x bilevel:J: bilge:N:x bilges:S:x bilharziasis:N:s
bilinear:J: bilingual:J: bilious:J: bilk:V: bilked:ED: bilking:G: bill-introduced:N: bill:NV:w billable:J: billboard:N:x billboards:S: billed:EJD:
billet:N:w billets:S: billfold:N:x billiard:N: billiards:NS:a billing:NG:w billings:S:l billion-a-year:J: billion-a:J: billion-asset:J:
billion-dollar:J: billion-franc:N: billion-peso:J: billion-pound:J: billion-share:J: billion-yen:J: billion:N:q billionaire:N:p billionaires:S:
billionnaire:N: billions:S: billon:N: billowed:D: billowing:G: billows:S: bills-measures:J: bills:SP: bimbos:S: bimolecular:J: bimonthly:J: bin:N:x
binary:J: binational:J: bind:NV:k binder:N:x binders:S: binding:NJG:u bindle:N: binds:P: binge:N:a binges:S: bingo-like:J: bingo:N:a binoculars:S:x
binomial:N:k bins:S: binuclear:J: bio-analytical:J: bio-assay:N:k bio-medical:J: bio-medicine:N: bio-research:N: bio:NJ: bioassay:N:k biochemical:J:
biochemicals:S: biochemist:N:p biochemistry:N:k biochemists:S: biodegradable:J: bioengineer:V: bioengineers:S: bioequivalent:J: biofeedback:N:k
biographer:N:p biographers:S: biographical:J: biographies:S: biography:N:w bioherbicide:N: bioinsecticides:S: biologic:J: biological:JN:
biologically:R: biologist:N:p biologists:S: biology:N:k biomedical-products:S: biomedical:J: biomedicine:N:k biopesticide:N: biopharmaceutical:J:
biophysical:J: biophysicist:N:p biophysics:S:k biopsies:S: biopsy:N:k bioresearch:N: biosynthesized:E: biotech:JN:k biotechnology-based:J:
biotechnology:N:k bipartisan:J: bipartisanship:N: biped:N:n biplane:N:x biplanes:S: biracial:J: birch-paneled:J: birch:N:b birches:S: bird-brain:N:
bird:N:n birdbath:N:x birdcage:N:x birdhouse:N:x birdie:N:q birdied:DE: birdies:S: birdlike:J: birds:S: birefringence:N:s birmingham:N:l
birth-control:NJ: birth-defect:N: birth-prevention:N: birth:N:t birthcontrol:N: birthday:N:t birthdays:S: birthed:E: birthmark:N:u birthplace:N:l
birthrate:N:t birthright:N:u births:S: biscotti:S: biscuit:N:f biscuits:S: bisexual:J: bishop:N:p bishopry:N:a bishops:S: bison:N:n bisque:N:f
bistros:S: bit-like:J: bit:NDEJRV:q bitch:NV:s bitches:S: bitchy:J: bite-sized:J: bite:VN:s bitee:N: biter:N:p bites:SP: biting:GJ: bitingly:R: bits:S:
bitten:E: bitter:J: bitterest:J: bitterly:R: bitterness:N:s bitters:S:f bittersweet:J: bituminous:J: bivouac:N:x biweekly:JN:w biz:N:a bizarre:J:
bizarrely:R: blabbed:D: blabs:P: black-and-orange:J: black-and-white:J: black-and-yellow:J: black-balled:E: black-bearded:J: black-body:JN:
black-clad:J: black-consumer:N: black-crowned:J: black-draped:J: black-eyed:J: black-figured:J: black-haired:J: black-majority:J: black-market:JN:
black-on-black:J: black-owned:J: black-robed:J: black-tie:J: black-tipped:J: black-white:J: black:JNV:u blackballed:E: blackberry-basil:N:
blackberry:N:f blackbird:N:n blackbirds:S: blackboard:N:x blacked-in:J: blacked-out:J: blacked:E: blackened:EJ: blackening:N:a blacker:J: blackest:J:
blacking:N:x blackjack:N:b blacklist:V: blacklisting:N: blackmail:NV:a blackmailed:E: blackmailer:N:p blackmailers:S: blackmailing:G: blackness:N:u
blackout:N:t blackouts:S: blacks:S: blacksmith:N:p bladder:N:x blade:N:b blades:S: blame:VN:w blamed:DE: blames:P: blaming:G: blanche:JN: blanching:GN:
bland:J: blander:J: blandly:R: blandness:N:u blank-faced:J: blank:JNRV:w blanket:NVJ:x blanketed:D: blankets:SP: blanks:S: blare:N:a blared:D:
blares:P: blaring:G: blarney:N:w blase:JN: blasphemed:D: blasphemers:S: blasphemies:S: blasphemous:J: blasphemy:N:w blast:NV:a blastdown:N: blasted:DE:
blasting:GJ: blasts:S: blatancy:N:u blatant:J: blatantly:R: blaze:NV:s blazed:D: blazer:N:x blazing:GJ: blazon:V: bleach:N:u bleached:JE:
bleacher-type:J: bleacher:N:p bleachers:S:x bleaching:G: bleak:JN: bleaker:J: bleakly:R: bleary:J: bleat:NV:a bleating:G: bleats:S: bleb:N:x blebs:S:
bled:D: bleed:V: bleeders:S: bleeding:GN:s bleedings:S: bleeps:S: blem:N: blemish:N:u blemishes:S: blend:NV:a blended:JDE: blender:N:x blenders:S:
blending:GN:a blends:S: bless:V: blessed:EJD: blessing:NG:a blessings:S: blest:VE: blew:D: blight:N:s blighted:EDJ: blind-folded:J: blind-pool:J:
blind-sided:JE: blind:JSNV:g blinded:E: blindfold:N:x blindfolded:EJD: blinding:JG: blindly:R: blindness:N:s blinds:SP: blindsided:EJ: blini:S:f
blink:VN:a blinked:D: blinker:N:x blinkers:S: blinking:JGR: blinks:P: blip:NV:a blips:S: bliss:N:s blissful:J: blissfully:R: blister:N:s blistered:E:
blistering:GJ: blisters:S: blithe:J: blithely:R: blitz:N:a blitzes:S: blitzing:G: blitzkrieg:N:a blizzard:N:s blizzards:S: bloat:N:s bloated:JE:
bloating:N: blob:N:u blobby:J: bloc:N:g block-buster:N: block-grant:JN: block-trading:N: block:NVJ:x blockade:N:a blockading:G: blockages:S:
blockbuster:NJ:x blockbusters:S: blocked:EJD: blocker:N:p blockhouse:N:x blocking:GJN:a blocks:SP: blocky:J: blocs:S: bloke:N:p blokes:S: blond:JN:p
blonde-haired:J: blonde-headed:J: blonde:JN:p blondes:S: blood-alcohol:N: blood-and-guts:J: blood-bought:J: blood-cell:N: blood-chilling:J:
blood-clot:N: blood-clotting:J: blood-filled:J: blood-flecked:J: blood-flow:S: blood-forming:J: blood-in-the-streets:S: blood-kinship:N:
blood-letting:N: blood-lust:N: blood-pressure:JN: blood-red:N: blood-soaked:J: blood-specked:J: blood-sport:J: blood-stained:J: blood-thirsty:J:
blood:N:x bloodbath:N:a blooded:E: bloodhound:N:n bloodhounds:S: bloodied:JE: bloodiest:J: bloodless:J: bloodletting:GN:a bloodlust:N:s bloodroot:N:b
bloods:S: bloodshed:N:a bloodshot:J: bloodspots:S: bloodstained:J: bloodstains:S: bloodstream:N:x bloodsucking:G: bloodthirsty:J: bloody-minded:J:
bloody:J: bloom:NV:s bloomed:D: blooming:GN:s blooms:SP: blooper:N:a bloops:S: blossom:VJN:b blossomed:DE: blossoms:S: blot-appearance:N: blot-like:J:
blot:NV:u blotch:N:u blotches:S: blots:SP: blotted:DE: blotting:G: blouse:N:x blouses:S: blow-up:N: blow:NV:a blower:N:x blowfish:N:f blowing:GN:s
blown-up:E: blown:E: blowout:N:a blows:SP: blowtorch:N:x blowup:N:a blubber:N:x bludgeon:VN:x bludgeoned:E: blue-black:J: blue-blood:J: blue-blooded:J:
blue-carpeted:J: blue-chip:JN: blue-chips:S: blue-collar-mail:JN: blue-collar:J: blue-draped:J: blue-eyed:J: blue-eyes:S: blue-glazed:J: blue-green:J:
blue-ribbon:J: blue-sky:J: blue-uniformed:J: blue:JN:u blueberries:S: blueberry:N:b bluebloods:S: bluebonnets:S: bluebook:N: bluebush:N: bluechip:J:
bluefish:S:n blueprint:N:k blueprints:SP: blues:SJ:w bluest:J: bluestocking:N:p bluesy:J: bluff:NJ:x bluffing:G: bluffs:S: bluing:N:x bluish:J:
blunder:NV:a blundered:DE: blunderings:S: blunders:S: blunt:VJ: blunted:DJE: blunter:N: bluntest:R: bluntly:R: bluntness:N:u blunts:P: blur:NV:k
blurred:EJD: blurring:GN: blurry:J: blurt:NV: blurted:DE: blurting:G: blush:NV:s blushed:DE: blushes:S: blushing:G: bluster:NV:s blustered:D:
blustery:J: blutwurst:N: boa:N:x boar:S:n board-level:J: board:NRV:g boarded:DEJ: boarder:N:p boarding-home:N: boarding:GN:a boardinghouse:N:x
boardinghouses:S: boardings:S: boardroom:N:x boardrooms:S: boards:SP:x boast:VN:w boasted:DE: boastful:J: boastfully:R: boasting:G: boastings:S:
boasts:P: boat-building:J: boat-yard:N: boat:N:x boatels:S: boater:N:x boaters:S: boathouses:S: boating:NG:a boatload:N:q boatloads:S: boatman:N:p
boats:S: boatsmen:S: boatswain:N:p boatyards:S: bobbed:D: bobbin-to-cone:J: bobbing:G: bobbins:S: bobbles:S: bobby-sox:N: bobby-soxer:N: bobby:NJ:p
bobbysoxer:N:p bockwurst:N: bodacious:J: bode:V: boded:D: bodegas:S: bodes:P: bodice:N:x bodied:J: bodies:SP: bodily:JR: bods:S: body-and-assembly:J:
body-numbing:J: body-tissue:N: body:N:x bodybuilder:N:p bodybuilders:S: bodybuilding:N:a bodyguard:N:p bodyguards:S: bodyweight:N: bodyworkers:S:
bog:VN:x bogey-symbol:N: bogey:N:p bogeyed:D: bogeymen:S: bogeys:S: bogged:DE: bogging:G: boggled:D: bogies:S: bogs:P: bogus:J: bogy:N:x bohemian:J:
boies:S: boil:VN:s boiled:EDJ: boiler-burner:N: boiler-room:N: boiler:N:x boilerplate:N:w boilers:S: boiling:GN:s boils:P: boisterous:J: boites:S:
bold:J: bolder:J: boldest:J: boldly:R: boldness:N:u boll:N:b bolo:N:x bolshevik:N:p bolster:VN:x bolstered:ED: bolstering:G: bolsters:P: bolt-action:J:
bolt:NV:s bolted:ED: bolting:G: bolts:S: bomb-detection:J: bomb-plant:J: bomb-proof:J: bomb:NV:x bombard:V: bombarded:DE: bombarding:G: bombardment:N:w
bombardments:S: bombast:N:w bombastic:J: bombay:N:l bombed:ED: bomber:N:x bombers:S: bombing:NG:a bombings:S: bomblets:S: bombproof:NJ:x bombs:S:
bombshell:N:p bombus:N:n bona:J: bonanza:N:x bonanzas:S: bond-equivalent:JN: bond-financed:J: bond-fund:N: bond-futures:S: bond-holders:S:
bond-insurance:J: bond-market:J: bond-price:J: bond-rating:J: bond-trading:JN: bond-underwriting:J: bond:NJ:s bondage:N:s bonded:EJ: bondholder:N:p
bondholders:S: bondholdings:S: bonding:GN:z bondmarket:N: bonds:S: bondsman:N:p bone-deep:J: bone-loss:N: bone-marrow:N: bone-weary:J: bone:N:x
boned:E: bonemeal:N:x bones:S:x bonfire:N:a bonfires:S: bongo:N:x bonheur:N:s bonkers:J: bonn:N:l bonnet:N:x bonnets:S: bonus:N:k bonuses:SP: bony:J:
bonzes:S: boo:V: boobify:V: booboo:N: booboos:S: booby-trap:N: booby:JN:p boodleoo:U: booed:D: boogie:N:w boogieman:N: booing:G: book-breaking:J:
book-burning:J: book-buying:J: book-entry:J: book-flogging:J: book-lined:J: book-publishing:NJ: book-review:N: book-selection:N: book-to-bill:JN:
book:NV:w bookcase:N:x bookcases:S: booked:ED: booker:N:p bookers:S: bookies:S: booking:NG:a bookings:S: bookish:J: bookkeeper:N:p bookkeeping:NG:a
booklet:N:w booklets:S: booklists:S: books:S: bookseller:N:p bookshelf:N:x bookshelves:S: bookstore:N:x bookstores:S: boom-and-bust:J:
boom-boom-boom:J: boom-boxes:S: boom-or-bust:J: boom:NV:a boomed:DE: boomerang:NV:x boomerangs:S: boomers:S: booming:JG: booms:SP: boomtown:N:
boon:NJ:s boondoggle:N:a boondoggler:N: boondoggles:S: boorish:J: boors:S: boos:S: boost:VN:a boosted:DE: booster:N:p boosters:S: boosting:G:
boosts:SP: boot-stomping:J: boot-wearer:J: boot:NV:x booted:EDJ: booth:N:x booths:S: booting:G: bootleg:JN:f bootlegged:E: bootlegger:N:p
bootleggers:S: bootlegging:N:a boots:S: booty:N:m booze:N:f boozed-out:J: boozing:G: bop:N:g borate:N:x borates:S: borax:N:x border:N:l bordered:E:
bordering:G: borderlands:S: borderline:JNR:l borders:SP: bore:DVJN:p bored:EJD: boredom:N:s borer:N:x borers:S: bores:SP: boring:JGN:a boringly:R:
born-again:J: born-to-shop:J: born:E: borne:E: borough:N:l boroughs:S: borrow:V: borrowed:EDJ: borrower:N:p borrowers:S: borrowing:NJG:a borrowings:S:
borrows:P: bosom:N:s bosoms:S: bosons:S: boss:N:p bossed:E: bosses:S: bossman:N: boston:N:l botanical:J: botanist:N:p botanists:S: botany:N:g
botched:EJ: bother:V: bothered:ED: bothering:G: bothers:P: bothersome:J: bottle:NV:x bottled-water:JN: bottled:JDE: bottleneck:N:u bottlenecks:S:
bottler:N:g bottlers:S: bottles:SP: bottling:NG: bottom-down:J: bottom-dwelling:J: bottom-fishers:S: bottom-fishing:N: bottom-line:J: bottom-living:J:
bottom-of-the-barrel:J: bottom:NJV:l bottomed:ED: bottoming:G: bottomland:N:x bottomless:J: bottoms:S: botulinum:N:n boucle:N:x bouffant:JN:x
bouffe:N:w bough:N:b boughs:S: bought:DE: boulder:N:x boulders:S: boulevard:N:x boulevards:S: boun:N: bounce:VN:u bounced:DE: bounces:PS: bouncing:GN:a
bouncy:J: bound:EJND:u boundaries:S: boundary:N:l bounded:EDJ: bounding:G: boundless:J: bounds:SP:l bounty-hunting:N: bounty:N:m bountyhunters:S:
bouquet:N:x bouquets:S: bourbon:N:p bourbons:S: bourgeois-bashing:J: bourgeois:JN:p bourgeoisie:S:g bourses:S: bout:NI:t boutique-lined:J:
boutique-store:N: boutique:N:x boutiques:S: bouts:S: bovine:JN:n bovines:S: bow-tied:J: bow:NV:x bowed:DEJ: bowel:N:x bowels:S:l bower:N:x bowing:G:
bowl-shaped:J: bowl:NV:x bowlder:N:x bowled:E: bowling-league:N: bowling-related:J: bowling:NG:a bowls:SP:a bows:SP: bowstring:N:x box-office:N:
box-sized:J: box:NV:x boxcar:N:x boxcars:S:q boxed-in:J: boxed:E: boxer:N:p boxes:S: boxing:N:a boxy:J: boy-furiendo:N: boy-manager:N:
boy-meets-girl:N: boy-name:N: boy:NU:p boyars:S: boycott:NV:a boycotted:E: boycotting:G: boycotts:S: boyfriend:N:p boyfriends:S: boyhood:N:t
boyish-looking:J: boyish:J: boys:S: bra:N:x brace:NV:x braced:ED: bracelet:N:x braces:S:x brachii:S: bracing:GN:x bracket:N:g brackets:S: brackish:J:
brad:N:x bradykinin:N: brag:VN:w braggadocio:N:w bragged:D: bragging:GN:w brags:PS: braid:N:x braided:JE: braiding:G: braids:S: brain-damaged:J:
brain-wave:J: brain-wracking:J: brain:N:x brainchild:N:x brainlessly:R: brainpower:N:k brains:S: brainstorm:N:k brainwashed:E: brainwashing:N:a
brainy:J: braised:E: brake:NV:x brakes:SP:x braking:GN: bramble:N:b brambles:S: bran-processing:J: bran:N:x branch-by-branch:R: branch:NV:g
branched:EJD: branches:S: branching:GN:a branchline:J: brand-loyal:J: brand-name:JN: brand-new:J: brand:NVJR:w branded:EJ: brandin:N: brandished:D:
brandishes:P: brandishing:G: brands:SP: brandy:NV:f brash:J: brashest:J: brashness:N:u brass-bound:J: brass:NJ:x brasses:S: brassica:N:b brassiere:N:x
brassieres:S: brassiness:N: brassy:J: brat:N:p brats:S: bratwurst:N:f bravado:N:w brave:JV: braved:DE: bravely:R: braver:J: bravery:N:u
bravest-feathered:J: bravest:J: braving:G: bravura:NJ:k braweling:G: brawl:N:a brawle:N: brawling:N: brawny:J: braying:J: brazen:JV: brazenly:R:
brazenness:N:u brazier:N:x brazil:N:l breach-of-contract:J: breach:NV:a breached:DE: breaches:S: breaching:G: bread-and-butter:J: bread:N:f
breadbasket:N:l breadbox:N:x breaded:E: breadth:N:k break-away:N: break-down:N: break-even:JNV: break-in:N:a break-neck:J: break-the-rules:J:
break-through:N: break-up:NJ: break:VN:a breakable:N:x breakables:S: breakage:N:q breakaway:N:a breakdown:N:a breakdowns:S: breaker:N:p breakers:S:a
breakeven:JN: breakfast-table:N: breakfast:N:f breakfasted:D: breakfasts:S: breakin:G: breaking-out:N: breaking:GJN:a breakneck:J: breakoff:J:
breaks:SP: breakthrough:N:k breakthroughs:S: breakup:N:a breakups:S: breakwater:N:x breakwaters:S: breast-cancer:N: breast:N:x breasts:S:
breastwork:N:x breastworks:S: breath-taking:JN: breath:NV:a breathalyzer:N:x breathe:V: breathed:DE: breather:N:t breathes:P: breathing:NG:a
breathless:J: breathlessly:R: breaths:S: breathtaking:J: breathy:J: bred:ED: breeches:S:x breed:NV:g breeder:N:p breeders:S: breeding:GN:u breeds:SP:
breeze:NV:s breezes:S: breezier:J: breezy:J: brethren:S:g brevity:N:w brew:NV:f brewed:E: brewer:N:p breweries:S: brewers:S: brewery:N:x
brewing-assets:S: brewing:NG:a brews:PS: bribe:NV:m bribed:DE: briber:N:p bribers:S: bribery-related:J: bribery:N:a bribes:S: bribing:G:
bric-a-brac:NS:x brick-and-mortar:J: brick:N:x bricklayer:N:p bricklayers:S: bricklaying:N:a bricks:S: bridal:J: bride-gift:N:m bride:N:p
bridegroom:N:p brides:S: bridesmaids:S: bridge-financing:J: bridge-lending:J: bridge-loan:J: bridge:NJV:x bridged-t:N:x bridgehead:N:l bridgeheads:S:
bridges:SP:p bridgework:N:x bridging:GJ: bridle:N:x bridled:E: brie:N:f brief:JNV:w briefcase:N:x briefcases:S: briefed:ED: briefer:J: briefest:J:
briefing:NG:w briefings:S: briefly-illumed:E: briefly:NR: briefs:S:x brier:N:b brig:N:x brigade:N:g brigades:S: brigadier:N:p brigands:S:
bright-eyed:J: bright-green:J: bright-looking:J: bright-red:J: bright:JR: brighten:V: brightened:DE: brightener:N: brightening:G: brightens:P:
brighter:J: brightest:J: brightly:R: brightness:N:u brilliance:N:u brilliancy:N:u brilliant:J: brilliantly:R: brim:N:x brimful:J: brimmed:DE:
brimming:G: brimstone:N:x brindle:N: brine:N:x bring:V: bringing:GN:a brings:P: brink:N:u brinkmanship:N:w brinksmanship:N: briny:J: briquette:N:x
briquettes:S: brisk:J: brisker:J: briskly:R: briskness:N:u bristle:VN:x bristled:D: bristles:PS: bristling:GJ: britain:N:l british:N:p brittle:J:
broach:V: broached:E: broad-appeal:J: broad-based:J: broad-brimmed:J: broad-nibbed:J: broad-scale:J: broad-scaled:J: broad:J: broadcast-and-cable:J:
broadcast:NJVDE:w broadcaster:N:p broadcasters:S: broadcasting:NG:w broadcastings:S: broadcasts:SP: broaden:V: broadened:ED: broadening:GN:a
broadens:P: broader-based:J: broader:J: broadest:J: broadly:R: broadside:JNR:w broadway:N:l brocade:N:x brocaded:J: broccoli:S:b brochure:N:w
brochures:S: brockle:N: broil:NV:a broiled:E: broiler:N:x broiling:G: brok:D: broke:DEJRV: broken-backed:J: broken-down:J: broken-nosed:J: broken:EJ:
brokenly:R: broker-dealer:NJ:p broker-dealers:S: broker-sold:J: broker:N:p brokerage-by-brokerage:J: brokerage-firm:J: brokerage-house:N:
brokerage-stock:N: brokerage:N:g brokerages:S: brokered:JDE: brokering:GN: brokers:S: bromides:S: bromphenol:N: bronc:N:n bronchi:S: bronchial:J:
bronchiolar:J: bronchiole:N:x bronchioles:S: bronchiolitis:N:s bronchitis:N:s bronchus:N:x broncs:S: bronze:NJ:x bronzed:J: bronzes:S:
bronzy-green-gold:J: brooch:N:x brood:NJV:g brooded:D: brooding:GJN:s broods:S: broody:J: brook:N:x brooked:D: brooken:E: brooklyn:N:l broom:N:x
broth:N:f brothel:N:x brothels:S: brother-in-law:N:p brother:N:p brotherhood:N:z brotherism:N: brotherly:J: brothers:S: brought:ED: brouhaha:N:a
brow-beating:N: brow:N:x browbeat:V: browbeaten:E: brown-black:J: brown-coal:N: brown-edged:J: brown-paper:J: brown-tobacco:J: brown:JNV:u browned:E:
brownies:S: browning:G: brownish:J: brownouts:S: browny-haired:J: browny:J: brows:S: browse:V: browsing:GN:w brucellosis:N:s bruddah:N: bruinish:J:
bruise:NV:s bruised:EJ: bruises:S: bruising:JG: bruited:E: brunch:N:f brunches:S: brunette:JN:p brunettes:S: brunt:N:u brush:NJV:g brushbacks:S:
brushcut:N: brushed:DEJ: brushes:S: brushfire:N: brushing:GN:a brushlike:J: brushoff:N: brushwork:N:k brushy:J: brusquely:R: brutal:J: brutalism:N:
brutalities:S: brutality:N:u brutalized:EJ: brutally:R: brute:NJ:p brutes:S: brutish:J: brynge:V: bubble:NV:x bubbled:ED: bubblelike:J: bubbles:SP:
bubbling:GN: bubbly:JN:f buccaneers:S: buccolic:J: buck:NV:x buckaroos:S: buckboard:N:x buckboards:S: bucked:DE: bucket-shop:J: bucket:N:x buckets:S:
bucking-up:N: bucking:G: buckle-on:J: buckle:VN:x buckled:DEJ: buckles:S: buckling:GN: bucks:SP: buckshot:N:x buckskin:N:n buckskins:S:x buckwheat:N:b
bucolic:J: bud:NV:b budded:D: buddha:N:p buddhist:N:p buddies:S: budding:GJ: buddy:N:p budge:V: budged:DE: budget-altering:J: budget-cutting:N:
budget-hotel:N: budget-making:J: budget-priced:J: budget-reconciliation:JN: budget-reduction:J: budget-sensitive:J: budget-strapped:J: budget-wise:J:
budget:NV:m budgetary:J: budgeted:ED: budgeteers:S: budgeting:NG: budgets:S: buds:S: budworm:N: buff:NJ:p buffalo:NS:n buffaloes:S: buffer:NV:x
buffered:ED: buffet:NV:x buffeted:E: buffetings:S: buffets:S: buffetted:E: buffetting:N: buffing:G: buffoon:N:p buffoons:S: buffs:S: bug-free:J:
bug:NV:n bugaboo:N:p bugaboos:S: bugeyed:J: bugged:ED: buggers:S: buggies:S: bugging:N: buggy:N:x bugle:N:x bugler:N:p bugless:J: buglike:J: bugs:SP:
build-better-for-less:J: build-up:N: build-ups:S: build:VEN:u builder-dealer:J: builder:N:x builders:S: buildin:G: building-control:N:
building-materials:S: building-products:S: building-related:J: building-society:J: building-supplies:S: building:NG:x buildings:S: builds:P:
buildup:N:a built-detergent:J: built-from-kit:J: built-in:JN: built-soap:N: built:EJD: builtin:J: bulb-making:J: bulb:N:b bulbs:S: bulgaria:N:l
bulge:NV:u bulged:D: bulging:GJ: bulk-buying:J: bulk-chemical:J: bulk-mail:N: bulk:NJ:u bulked-up:J: bulked:D: bulkhead:N:x bulkheads:S: bulking:G:
bulks:P: bulky:J: bull-headed:J: bull-like:J: bull-market:N: bull-necked:J: bull-roaring:J: bull-sessions:S: bull:NV:n bulldog:J: bulldoze:V:
bulldozed:E: bulldozer:N:x bulldozers:S: bullet-proof:J: bullet-riddled:J: bullet:N:x bullethead:N:x bulletin-board:N: bulletin:NV:w bulletins:SP:
bulletproof:J: bullets:S: bullfighter:N:p bullhide:N: bullhorn:N:x bullhorns:S: bullied:DE: bullies:PS: bullion:N:m bullish:J: bullishly:R:
bullishness:N: bullock:N:n bulls:S: bullshit:NV:w bullwhackers:S: bully:NV:p bullyboy:N:p bullyboys:S: bullying:G: bulwark:N:x bum:NVJ:p bumble-bee:N:
bumble:V: bumblebee:N:n bumblebees:S: bumbling:JG: bummed:E: bumming:G: bump:VN:s bumped:DE: bumper-sticker:N: bumper-to-bumper:J: bumper:NJ:x
bumpers:S: bumpin:G: bumping:G: bumps:SP: bumptious:J: bumpy:J: bums:S: bun:N:f bunch:N:g buncha:N: bunched:ED: bunches:S: bunching:G: bunco:N:a
bundle:NV:g bundled:E: bundles:S: bundling:G: bungalow:N:x bungled:DE: bungling:G: bunk:N:x bunked:D: bunker:N:x bunkered:E: bunkmate:N:p bunkmates:S:
bunko-forgery:N: bunko:N:a bunks:S: bunnies:S: bunny:N:p buns:S:x bunt:NV:a bunter:N:p bunters:S: buoy:V: buoyancy:N:s buoyant:J: buoyed:ED: buoying:G:
buoys:SP: burbles:P: burden-sharing:N: burden:NV:k burdened:ED: burdening:G: burdens:SP: burdensome:J: burdock:N:b bureacracy:N: bureacratic:J:
bureau-sponsored:J: bureau:N:g bureaucracies:S: bureaucracy:N:g bureaucrat:N:p bureaucratic:J: bureaucraticized:J: bureaucratization:N: bureaucrats:S:
bureauracy:N: bureaus:NS: burgeoned:DE: burgeoning:GJ: burger-heavy:J: burger:N:p burgers:S: burglar:N:p burglaries:S: burglarized:E: burglarproof:J:
burglars:S: burglary:N:a burgomaster:N:p burgs:S: burgundy:N:l burial:N:a burials:S: buried:EJD: burl:N:b burlap:N:x burlesque:J: burlesques:S:
burley:N: burly:J: burma:N:l burn:VN:s burne:V: burned-out:J: burned:EJD: burner:N:x burners:S: burning:GJN:a burnings:S: burnished:E: burnishing:G:
burnout:N: burnouts:S: burns:SP:p burnt-orange:J: burnt-red:J: burnt:EJ: burping:G: burr-headed:J: burr:N:b burrow:NV:x burrowed:D: burrowing:G:
burrows:S: burrs:S: bursitis:N:s burst:NDEV:a bursting:G: bursts:SP: bury:V: burying:G: bus:N:x busboy:N:p bused:E: buses:S: bush:N:b bushel:N:q
bushels:S: bushes:S: bushwhacked:D: bushwhacker:N:p bushwhackin:J: bushy-tailed:J: bushy:J: busied:D: busier:J: busies:S: busiest:J: busily:R:
business-as-usual:J: business-automation:N: business-class:J: business-communications:S: business-credit:N: business-development:N:
business-interruption:J: business-judgment:N: business-like:J: business-machines:S: business-migration:N: business-minded:J: business-oriented:J:
business-partners:S: business-promotion:N: business-related:J: business-services:J: business-telephone:J: business-to-business:JN: business-venture:J:
business:N:g businesses:S: businesslike:J: businessman:N:p businessmen-authors:N: businessmen:S:g businesspeople:N:g businesswoman:N:p busing:G:
busload:N:q busloads:S: buss:N:a busses:S: bust-up:J: bust:NV:a busted:JDE: buster:N:p busters:S: bustin:G: busting:G: bustle:N:a bustlin:N:
bustling:JG: busts:SP: busy-work:N: busy:J: busybodies:S: busyness:N:s but-bulls:I: but:CIJR: butadiene-emulsions:S: butane:N:x butcher:N:p
butchered:E: butchering:N:a butchers:SP: butchery:N:x butler:N:p butlers:S: buts:S: butt:NCV:x butted:E: butter:N:f butterfat-rich:J: butterfat:N:x
butterflies:S: butterfly:N:n butternut:N:b buttery:J: butting:G: buttocks:S:x button-down:J: button:NV:x buttoned-down:J: buttoned-up:J: buttoned:E:
buttonholes:S: buttons:S: buttress:V: buttressed:E: buttresses:SP: butts:SP: butyl-lithium:N: butyrate:N: buxom:J: buy-back:NJV: buy-backs:S:
buy-now:J: buy-out-related:J: buy-out:NJ: buy-outs:S: buy-sell:J: buy-stop:J: buy:VJN:m buyback:JN:a buyer:N:p buyers:S: buyin:N: buying:GNJ:a
buyings:S: buyout:N:a buyouts:S: buys:PS: buzz-buzz-buzz:N: buzz:NJV:a buzzed:D: buzzer:N:x buzzes:SP: buzzing:GJ: buzzsaw:N: buzzword:N:w buzzwords:S:
bw:N:a by-election:NJ:a by-gone:J: by-laws:S: by-pass:N: by-passed:E: by-passes:P: by-passing:G: by-product:N:s by-products:S: by-roads:S: by-ways:S:
by-wheelchair:J: by:IR: bye:V: bygone:J: byinge:G: bylaw:N:w bylaws:S: byline:N: bylines:S: bypass:VN:x bypassed:ED: bypassing:G: byplay:N:a
byproduct:N:s byproducts:S: bystander:N:p bystanders:S: bytes:S: byway:N:x byways:S: byword:N:w byzantine:J: c-reflects:P: c:NS:q ca:M: cab:N:x
cabal:N:g cabana:N:x cabanas:S: cabaret-like:J: cabaret:N:x cabbage:N:f cabdriver:N:p cabin-crew:S: cabin:N:x cabinet-level:J: cabinet:NJ:x
cabinetmakers:S: cabinets:S: cabins:S: cable-programming:J: cable-television:N: cable-televison:N: cable:NVJ:w cabled:D: cables:S: cabs:S: cacao:N:b
cache:N:x caches:S: cachet:N:w cackled:D: cackly:R: cacophony:N:a cactus:N:b cadaver:N:x cadaverous:J: cadence:N:w cadenza:N:w cadet:N:p cadets:S:
cadge:V: cadmium:N:x cadre:N:g cadres:S: caesar:N:p cafe:N:x cafes:S: cafeteria-style:J: cafeteria:N:x cafeterias:S: caffeine-free:J: caffeine:N:x
cage:N:x caged:E: cages:S: cagey:J: cahoots:S: cain:M: cajole:V: cajun:J: cake:N:x caked:ED: cakes:S: calamities:S: calamitous:J: calamity:N:a
calcification:N:s calcified:D: calcium-supplemented:J: calcium:N:x calculable:J: calculate:V: calculated:EDJ: calculates:P: calculating:GJN:
calculation:N:a calculations:S: calculator-toting:J: calculator:N:p calculators:S: calculi:S: calculus:N:x calendar:N:t calendars:S: calf:N:n
calfskin:N:x caliber:N:u calibers:S: calibrated:ED: calibrates:P: calibrating:G: calibration:N:a calibrations:S: calibre:N:u caliche-topped:J:
calico:JN:x california:N:l californian:N:p calinda:N: caliper:N:x calipers:S: caliph:N:p caliphs:S: calisthenics:S:a call-back:N:w call-backs:S:
call-board:N:x call-in:J: call-ups:S: call:VJN:w callable:J: called:EDV: caller:N:p callers:S: calligraphers:S: calligraphy:N:w callin:G: calling:GN:a
callipygous:N: callous:J: calloused:J: callously:R: callousness:N:u calls:PSN: calluses:S: calm:JNV:u calmed:DE: calmer:J: calmest:J: calming:GJ:
calmly:R: calmness:N:u caloric:J: calorie-heavy:J: calorie:N:q calories:S: calorimeter:N:x calorimetric:J: calumniated:E: calumny:N:w calves:S:
calving:GN:s calypso:N:b camaraderie:N:u cambodia:N:l cambridge:N:x camcorder:N:x camcorders:S: came:D: camel:N:n camellias:S: cameo-like:J: cameo:NJ:x
cameos:S: camera:N:x cameraman:N:p cameramen:S: cameras:S: camouflage:NV:u camouflaged:EJ: camp-made:J: camp:NV:x campagna:N: campaign-decided:N:
campaign-finance:J: campaign:NV:a campaigned:DE: campaigners:S: campaigning:GN:a campaigns:S: camped:DE: camper:N:p campers:S: campfire:N:a
campground:N:l campgrounds:S: camping-out:J: camping:NG:a campmate:N:p camps:S: campsites:S: campus:N:l campuses:S: cams:S: can:MNV:x canada:N:l
canal:N:x canals:S: canard:N:w canary-colored:J: cancel:VN:w canceled:EDJ: canceling:G: cancellation:N:a cancellations:S: cancelled:E: cancelling:G:
cancels:P: cancer-causing:J: cancer-gene:J: cancer-related:J: cancer-ridden:J: cancer-suppressing:J: cancer-suppressors:S: cancer-susceptible:J:
cancer:N:s cancerous:J: cancers:S: candid:J: candidacy:N:a candidate-picking:J: candidate:N:p candidates:S: candidly:R: candies:S: candle-lit:J:
candle:N:x candlelight:N:s candles:S: candlewick:N:x candor:N:k candour:N:u candy:N:f candybar:N: cane:N:x canine:JN:x caning:N:x canister:N:x
canisters:S: canker:N:s canned-food:N: canned-foods:SJ: canned-mushroom:J: canned:JE: canneries:S: canners:S: cannery:N:x cannibalism:N:a
cannibalistic:J: cannibalize:V: cannibalizing:G: cannibals:S: canning:NGJ: cannister:N:x cannisters:S: cannon:NS:x cannonball:N:x cannons:S: cannot:M:
canny:J: canoe:NV:x canoes:S: canon:N:w canonist:N:p canonized:EJ: canons:S: canopy:N:x cans:SP: cant:N:w cantaloupe:N:b canted:J: canteen:N:x
canter:N:a cantered:D: cantilever:N:x cantilevers:S: canting:J: cantle:N:x cantles:S: canto:N:w cantonal:J: cantonment:N:x cantons:S: canvas:N:x
canvases:S: canvass:NV:s canvassed:E: canvassers:S: canvassing:G: canyon:N:x canyons:S: canyonside:N:x cap-and-ball:J: cap:NV:x capabilities:S:
capability:N:u capable:J: capably:R: capacious:J: capacitance:N:s capacities:S: capacitor:N:x capacitors:S: capacity-controlled:J:
capacity-expansion:JN: capacity:N:u cape:N:x caper:N:b capercailzie:N:n capering:G: capers:S: capes:S: capillary:N:x capita:SN: capital-appreciation:N:
capital-assets:S: capital-boosting:J: capital-coverage:N: capital-draining:G: capital-equipment:N: capital-formation:N: capital-gain:J:
capital-gains-cut:J: capital-gains-tax:J: capital-gains:SJN: capital-goods:S: capital-improvement:N: capital-intensive:J: capital-market:JN:
capital-markets:J: capital-punishment:N: capital-raising:JN: capital-reserve:J: capital-spending:JN: capital-to-asset:NJ: capital-to-assets:JS:
capital:NJ:m capitalgains:S: capitalism:N:g capitalist-democratic:J: capitalist:JN:p capitalistic:J: capitalists:S: capitalization:N:w
capitalizations:S: capitalize:V: capitalized:EJD: capitalizes:P: capitalizing:G: capitalmarket:N: capitals:S: capitol:N:x capitulated:DE:
capitulation:N:w capo:N:p capos:S: capped:DEJ: capping:GN: cappuccino:N:f capricious:J: capriciously:R: capriciousness:N:u caps:SP: capsicum:N:b
capstan:N:x capsule:N:x capsules:S: captain:NV:p captaincy:N:a captains:S: caption:N:w captioned:D: captions:S: captious:J: captivated:EDJ:
captivating:JG: captive:JN:p captives:S: captivity:N:s captor:N:p captors:S: capture:VN:a captured:ED: captures:PS: capturing:G: car-assembly:N:
car-buff:J: car-care:J: car-crash:J: car-dealers:S: car-development:N: car-happy:J: car-industry:N: car-leasing:N: car-maker:N: car-market:JN:
car-owners:S: car-parking:J: car-parts:J: car-rental:JN: car-safety:JN: car-sales:S: car:N:x carabao:N:n caramel:N:f carat:N:q carats:S: caravan:N:g
caravans:S: caraway:JN:b carbamazepine:N: carbaryl:N: carbide-products:S: carbide:N:x carbine:N:x carbines:S: carbohydrate:N:x carbon-dioxide:N:
carbon-halogen:N: carbon-impregnated:J: carbon-monoxide:N: carbon:N:x carbonate:N:x carbonates:S: carbons:S: carbonyl:N:x carborundum:J:
carboxy-labeled:J: carboxymethyl:N: carcass:N:n carcasses:S: carcinogen:N:x carcinogenic:J: carcinogens:S: carcinoma:N:s card-activated:J:
card-carrying:J: card-holder:N: card-member:JN: card:N:x cardamom:N:b cardboard:NJ:x cardholder:N:p cardholders:S: cardiac-drug:J: cardiac:J:
cardigan:N:x cardinal:JN:p cardinals:S: cardiologist:N:p cardiologists:S: cardiomegaly:N:s cardiovascular:J: cardmember:N: cardmembers:S: cardroom:N:x
cards:S:a care-adviser:N: care-free:J: care:NV:a cared:DE: careen:V: careened:D: careening:G: career-bound:J: career-risking:J: career:N:a
careerism:N:a careerists:S: careers:S: carefree:J: careful:J: carefully:R: carefulness:N:u caregiver:N:p caregivers:S: careless:J: carelessly:R:
carelessness:N:u cares:PS: caress:V: caressed:D: caresses:SP: caressing:GN:a caretaker:N:p careworn:J: cargo-handling:N: cargo:N:x cargoes:S:
caribbean:N:x caribou:NS:n caricature:NV:w caricatured:E: caricatures:S: caricaturist:N:p carillons:S: caring:GJN:s carinii:N: carload:N:g
carloading:N: carloads:S: carnage:N:a carnal:J: carnality:N:s carnival:N:a carnivores:S: carnivorous:J: carob:N:b carousel:N:x carousing:N: carp:VN:f
carpal:N:x carpenter:N:p carpenters:S: carpentry:N:a carpet-cleaning:J: carpet:N:x carpetbaggers:S: carpeted:ED: carpeting:N:x carpets:S: carping:GJN:w
carport:N:x carps:P: carreer:N: carriage-step:N: carriage:N:x carriages:S: carried:DE: carrier-based:J: carrier-current:J: carrier:N:p carriers:S:
carries:PS: carrion:JN:n carrot:N:b carrots:S: carry-forward:N:m carry-forwards:S: carry-in:J: carry-on:JN: carry-over:N:k carry:VN:a carryforwards:S:
carrying:GJN: carryover:N: carryovers:S: cars:S: cart:NV:x carte:N:w carted:DE: cartel:N:g cartelized:E: cartels:S: cartilage:N:x carting:G: carton:N:q
cartons:S: cartoon:N:w cartoonish:J: cartoonist:N:p cartoonists:S: cartoonlike:J: cartoons:S: cartridge:N:x cartridges:S: carts:S: cartwheel:N:x
cartwheels:S: carve:V: carved-out-of-solid:J: carved:EJD: carven:E: carver:N:p carvers:S: carves:P: carving:G: carvings:S: caryatides:S: casbah:N:l
cascade:NV:x cascaded:D: cascades:P: cascading:GJ: case-by-case:J: case-hardened:J: case-history:N: case-law:N: case-to-case:J: case:NV:a casebook:N:w
cased:D: casein:N:x caseload:N: caseloads:S: cases:SP: casework:N:a caseworkers:S: cash-and-stock:J: cash-back:J: cash-deferred:J: cash-draw:J:
cash-equivalent:J: cash-flow:JN: cash-flush:J: cash-hungry:J: cash-interest:J: cash-laden:J: cash-management:J: cash-only:J: cash-or-shares:J:
cash-raising:JN: cash-rich:J: cash-short:J: cash-squeeze:N: cash-squeezed:J: cash-starved:J: cash-strapped:J: cash-up-front:N: cash-value:J: cash:NV:m
cashed:DE: cashews:S: cashflow:N: cashier:N:p cashiers:S: cashing:G: cashmere:N:x casings:S: casino-company:N: casino-hotel:N:x casino:N:x casinos:SP:
cask:N:q casket:N:x caskets:S: casks:S: cassette:N:x cassettes:S: cassite:N:w cassocked:J: cast-iron:NJ: cast-proof:J: cast:NJVDE:g castanets:S:x
caste:N:s caster:N:p casters:S: castigate:V: castigated:ED: castigates:P: castigating:G: castigation:N:w casting:GN:x castings:S: castle-like:J:
castle-themed:J: castle:N:x castlelike:J: castles:S: castling:G: castoff:J: castor-oil:N: castor:N:x castorbean:N: castorbeans:S: casts:PS: casual:JR:
casually:R: casuals:S: casualties:S: casualty-insurance:NJ: casualty-loss:J: casualty:N:p casuistry:N:k cat-and-mouse:J: cat-like:J: cat:N:n
cataclysmic:J: cataclysms:S: catalog:N:w cataloging:G: catalogs:SP: catalogue:N:w catalogued:ED: catalogues:S: catalyst:N:x catalysts:S: catalytic:J:
catalyzed:E: catamaran:N:x catapult:V: catapulted:DE: catapulting:G: catapults:P: cataract:N:s cataracts:S: catastrophe:N:a catastrophes:S:
catastrophic-care:NJ: catastrophic-health-care:N: catastrophic-health:JN: catastrophic-healthcare:J: catastrophic-illness:NJ: catastrophic:J:
catastrophically:R: catbird:J: catcall:N:w catcalls:S: catch-all:J: catch-up:NJ: catch:VN:u catchall:N:x catchee:V: catcher:N:p catchers:S: catches:PS:
catching:GN:a catchup:JN: catchword:N:w catchwords:S: catchy:J: catechism:N:w catechize:V: catecholamine:N:x catecholamines:S: categorical:J:
categorically:R: categories:S: categorize:V: categorized:E: categorizing:G: category:N:g cater:V: catered:DJ: caterer:N:p catering:NG:a caterpillar:N:n
caterpillars:S: caters:P: catfish:N:f catharsis:N:a cathartic:J: cathedral:N:x cathedrals:S: catheter:N:x catheters:S: cathode-ray:N: cathode:N:x
cathoderay:N: cathodes:S: cathodoluminescent:J: cathodophoretic:J: catholic:N:p catholicism:N:k cathouse:N:x catkin:N:b catkins:S: catlike:J: cats:S:
catsup:N:f cattaloe:N: cattle-car:N: cattle-lifter:N: cattle:SN:n cattleman:N:p cattlemen:S: catty:J: caucus:NV:g caucuses:S: caught:ED:
cauliflower:N:b causal:J: causally:R: causative:J: cause-and-effect:J: cause:NVG:a caused:ED: causes:SP: causeway:N:x causeways:S: causing:GN:a
caustic:J: cauterize:V: caution:NV:u cautionary:J: cautioned:DE: cautioning:G: cautions:PS: cautious:J: cautiously:R: cautiousness:N:u cavalcade:N:g
cavalcades:S: cavalier:J: cavalry:N:g cavalryman:N:p cavalrymen:S: cave-in:N: cave-like:J: cave-men:S: cave:NV:x caveat:N:w caveats:S: caved:DE:
caveman:N:p cavemen:S: cavern:N:x cavernous:J: caves:S: caviar:N:f cavin:G: caving:N: cavities:S: cavity-fighting:J: cavity:N:x cavort:V: cavorted:D:
cavorting:GN: cawing:G: cayenne:N:b cc:N:q cease-and-desist:JN: cease-fire:NJ:s cease:V: ceased:DE: ceasefire:N: ceaseless:J: ceaselessly:R: ceases:P:
ceasing:G: cedar-roofed:J: cedar:N:b cede:V: ceded:DE: ceding:G: ceiling:N:x ceilings:S: celebrant:N:p celebrants:S: celebrate:V: celebrated:DJE:
celebrates:P: celebrating:G: celebration:N:a celebrations:S: celebrators:S: celebrities:S: celebrity-driven:J: celebrity-oriented:J: celebrity:N:p
celerity:N:u celery:N:b celestial:J: celiac:J: cell-free:J: cell:N:x cellar:N:x cellars:S: cellist:N:p cellists:S: cellophane:N:x cells:S:
cellular-phone:N: cellular-telephone:JN: cellular:J: celluloids:S: cellulose:N:x celluloses:S: cement-and-glass:J: cement-makers:S: cement-making:J:
cement-mixing:J: cement-truck:J: cement:NV:x cemented:E: cementing:G: cemeteries:S: cemetery:N:l censor:V: censored:E: censorial:J: censors:SP:
censorship:N:a censure:N:w censured:DE: censures:S: census:N:a censuses:S: cent-a-bushel:J: cent-per-barrel:J: cent:N:q centaur:N:p centenarians:S:
centenary:J: centennial:NJ:t center-aisle:N: center-field:N: center-fire:J: center-punch:V: center-right:J: center-stage:J: center-vented:J:
center:NJRV:l centered:ED: centerfield:N:x centerfielder:N:p centerfold:N:w centering:GN:k centerline:N:u centerpiece:N:k centers:SP: centerstage:N:
centigrade:J: centimeter:N:q centimeters:S: central-bank:NJ: central-city:N: central-district:J: central-planning:J: central:JN:x centrality:N:u
centralization:N:a centralize:V: centralized:JDE: centralizing:GJ: centrally:R: centre:N:l centrex:N:x centric:J: centrifugal:J: centrifugation:N:s
centrifuge:N:x centrifuged:E: centrifuging:G: centrist:J: cents-a-share:J: cents-a-unit:J: cents-off:J: cents-per-hour:J: cents:S: centum:N:
centuries-old:J: centuries:S: centurions:S: century-old:J: century:N:t ceramic:J: ceramics:S:a cereal:N:b cereals:S: cerebellum:N:x cerebral:J:
cerebrated:E: ceremonial:J: ceremonially:R: ceremonies:S: ceremoniously:R: ceremony:N:a certain:JR: certainly:R: certainty:N:k certificate-of-need:N:
certificate:N:w certificates:S: certification:N:a certified:EJ: certifies:P: certify:V: certifying:G: certin:N: certiorari:S:w certitude:N:k
certitudes:S: cerulean:N:u cervelat:N: cervical:J: cervix:N:x cessation:N:a cession:N:a cesspools:S: cetera:N: ceylon:N:l cha-cha:N:a cha-chas:S:
chafe:V: chafed:E: chafes:P: chaff:N:x chaffing:G: chafing:GJ: chaga:N:w chagrin:N:s chain-of-command:N: chain-reaction:N: chain-smoking:NG:
chain-store:J: chain:NV:g chained:DEJ: chainlike:J: chains:S:x chair:NV:x chaired:EJD: chairing:N: chairman-elect:N: chairman:N:p chairmanship:N:a
chairmanships:S: chairmen:S: chairs:SP: chairwoman:N:p chaise:N:x chalk-white:J: chalk:NV:x chalked:ED: chalking:G: chalky:J: challenge:NV:s
challengeable:J: challenged:DE: challenger:N:p challengers:S: challenges:SP: challenging:GJ: chamber-music:J: chamber:N:x chambered:E: chambermaid:N:p
chambermaids:S: chamberpot:N:x chambers:S:p chameleon:N:p chameleons:S: chamfer:N:x chamois:N:x champ:N:p champagne:N:f champion:NJV:p championed:ED:
championing:G: champions:SP: championship-team:J: championship:N:s championships:S: champs:S: chance:NJV:s chanced:DE: chancel:N:x chancellor:N:p
chanceries:S: chancery:N:g chances:S: chancy:J: chandelier:N:x chandeliers:S: chandelle:V: change-over:N: change-ringing:N: change:NV:a changeable:J:
changed:EDJ: changeover:N:a changes:SP: changing:GJN: channel-zapping:J: channel:NV:w channeled:ED: channeling:G: channelled:E: channels:S:w chant:NV:w
chanted:DE: chanteuse:N: chantey:N:w chanting:GN:a chants:S: chaos:N:s chaotic:J: chap:N:p chapel-like:J: chapel:N:x chapels:S: chaperon:N:p
chaperone:N:p chaperoned:J: chaplain:N:p chaplains:S: chaps:S: chapter:N:w chapters:S: char-broiled:J: char-grilled:J: char:V: character-education:N:
character-recognition:N: character:N:p characteristic:JN:k characteristically:R: characteristics:S: characterization:N:w characterizations:S:
characterize:V: characterized:EDJ: characterizes:P: characterizing:G: characterless:J: characters:S: charcoal-broiled:J: charcoal:N:x charcoaled:E:
charge-a-plate:N: charge-card:J: charge-excess:N: charge-offs:S: charge:NV:a chargeable:J: charged:EDJ: charger:N:n charges:SP: chargin:G: charging:GN:
chariot:N:x charisma:N:u charismatic:J: charitable:J: charitably:R: charities:S: charity:N:g charlatan:N:p charlatanry:N: charlatans:S: charleston:N:l
charlotte:N:l charm:NV:u charmed:ED: charmer:N:p charmers:S: charming:J: charmingly:R: charms:SP: charnel:N:x charred:JE: chart-room:J: chart:NV:w
chartaceos:S: charted:E: charter-boat:N: charter-shipping:J: charter-type:J: charter:NJ:w chartered:JDE: charters:SP: charting:NG: chartings:S:
chartist:N:p chartists:S: chartroom:N: charts:SP: chary:J: chase:NJV:a chased:ED: chasers:S: chasing:GN: chasm:N:x chassis:NS:x chaste:J: chastened:DE:
chastised:DE: chastisement:N:a chastises:P: chastity:N:a chat:NV:w chateau:N:x chateaux:N: chatted:D: chattels:S: chatter:NV:w chattered:D:
chattering:GN:a chattily:R: chatting:G: chatty:J: chauffeur-driven:J: chauffeur:NV:p chauffeured:E: chauffeurs:S: chaulmoogra:N:b chauvinism:N:u
chauvinistic:J: chauvinists:S: chaw:N:f cheap-money:N: cheap-shot:J: cheap-to-make:J: cheap-wine:J: cheap:JNR: cheapening:G: cheapens:P: cheaper:JR:
cheapest:J: cheaply:R: cheat:V: cheated:EJD: cheater:N:p cheaters:S: cheating:NG:a cheats:P: check-kiting:J: check-out:N: check-processing:JN:
check-ups:S: check:NV:m checkbook:N:m checkbooks:S: checked:EDJ: checker:N:p checkers:S:a checkin:G: checking-account:J: checking:GN: checklist:N:w
checkout-stand:N: checkout:N:a checkpoints:S: checks:SP: checkup:N:a cheek-by-jowl:J: cheek-to-cheek:J: cheek-to-jowl:R: cheek:N:x cheekbone:N:x
cheekbones:S: cheeks:S: cheeky:J: cheer:NV:w cheere:V: cheered:DE: cheerful:J: cheerfully:R: cheerfulness:N:u cheering:G: cheerleader:N:p
cheerleaders:S: cheerleading:N: cheers:SP: cheery:J: cheese:N:f cheeseburgers:S: cheesecake:N:f cheesecloth:N:x cheeses:S: cheesy:J: cheetah:N:n
cheetal:J: chef:N:p chefs:S: chela:N:p chelas:S: chelicerates:S: chemcial:J: chemical-and-resource:J: chemical-arms-control:J: chemical-arms:SJ:
chemical-bomb:N: chemical-industry:N: chemical-weapon:N: chemical-weapons:SJ: chemical:NJ:x chemically:R: chemicals-industry:N: chemicals:S:
chemise:N:x chemist:N:p chemistries:S: chemistry:N:k chemists:S: chemotherapy:N:a chenille:N:x cherish:V: cherished:EJD: cherishes:P: cherishing:G:
cherokee:N:w cherries:S: cherry-flavored:J: cherry:JN:b cherubim:N: cherubs:S: chess:N:b chest-back-lat-shoulder:J: chest-back-shoulder:J:
chest-high:J: chest-swelling:J: chest:N:x chestnut:N:b chestnuts:S: chests:S: chevaux-de-frise:N:x chevre:N:f chew:V: chewed:DE: chewing:GJN:a chews:S:
cheyenne:N:l chi-chi:J: chic:JN:u chicago:N:l chicanery:N:a chick:N:n chicken-and-egg:J: chicken-mutilating:J: chicken-wire:JN: chicken:N:f chickens:S:
chicks:S: chicly:R: chide:V: chided:ED: chides:P: chiding:G: chief:JN:p chiefdom:N: chiefdoms:S: chiefly:R: chiefs:S: chieftain:N:p chieftains:S:
chignon:N:x chilblains:S:s child-abuse:NJ: child-bearing:N: child-care:NJ: child-cloud:N: child-development:N: child-face:N: child-oriented:J:
child-parent:J: child-protection:N: child-rearing:N: child-safety:J: child:N:p childbearing:G: childbirth:N:s childcare:N:a childhood:N:t childish:J:
childishly:R: childishness:N:u childless:J: childlike:J: children:S: childrens:S: chili:NS:f chill:NJV:u chilled:EJD: chillier:N: chilling:GJ:
chillingly:R: chills:SP: chilly:J: chimed:D: chimera-chasing:J: chimes:PS: chimney:N:x chimneys:S: chimp:N:n chimpanzees:S: chimps:S: chin-out:J:
chin-up:IV: chin-ups:S: chin-wagging:J: chin:NV:x china:N:l chines:S: chinese:N:w chinked:E: chinless:J: chinning:N: chinoiserie:N:x chinos:S:x
chins:S: chintz:V: chip-design:J: chip-making:N: chip-packaging:N: chip:N:x chipped:EDJ: chipper:J: chipping:GN:a chips:S:f chiropractor:N:p chirped:D:
chirping:GN: chirpy:J: chisel:NV:x chiseled:EJ: chisels:S: chit:N:p chitchat:N:w chivalrous:J: chivalry:N:u chive:N:b chives:S:b chivying:G:
chlorazepate:N: chloride:N:x chlorides:S: chlorine-carbon:N: chlorine:N:x chlorofluorocarbon:N:x chlorofluorocarbons:S: chlorothiazide:N:x
chlorpromazine:N:x chock-a-block:J: chock:N:x chockfull:J: chocks:S: chocolate:NJ:f chocolates:S: choice:NJ:k choices:S: choicest:J: choir:N:g
choirboy:N:p choke:VN:x choked:DE: choking:GJN:s chole:N: cholecystokinin:N:x cholelithiasis:N:s cholera:N:s cholesterol-fearing:J: cholesterol-free:J:
cholesterol-lowering:J: cholesterol-reduction:N: cholesterol-rich:J: cholesterol:N:x cholinesterase:N:x cholla:N:b cholorfluorocarbons:S: chomp:NV:a
chomped:E: chomping:G: choose:V: chooses:P: choosier:J: choosing:GN: choosy:J: chop:VN:s chopin:N:w chopped:JDE: chopper:N:a choppiness:N:s
chopping:GN: choppy:J: chops:S: chopsticks:S: choral:J: chord:N:u chords:S: chore:N:a choreographed:EJ: choreographer:N:p choreographers:S:
choreographic:J: choreography:N:a chores:S: chorine:N:p chorines:S: chortled:DE: chortles:P: chortling:G: chorus:N:a chorused:D: choruses:S: chose:D:
chosen:EJ: chouise:N: chousin:G: chow:N:g chowder:N:f chowders:S: christ:N:p christen:V: christendom:N:g christened:DE: christening:N:a christian:N:p
christianity:N:k christianizing:G: christmas:N:t chromatic:J: chromatics:S: chromatogram:N:x chromatographic:J: chromatography:N:s chrome:N:x
chromed:J: chromic:J: chromium-plated:J: chromium-substituted:J: chromium:N:x chromosome:N:x chromosomes:S: chronic:JN: chronically:R: chronicle:N:w
chronicled:DE: chronicler:N:p chroniclers:S: chronicles:PS: chronicling:G: chronological:J: chronologically:R: chronology:N:z chrysanthemum:N:b
chrysanthemums:S: chrysotile:N:x chubby:J: chuck-a-luck:N: chuck:NV:f chucked:DE: chucking:G: chuckle:NV:w chuckled:D: chuckles:SP: chuckling:G:
chuffing:G: chug:V: chugging:G: chugs:S: chum:N:p chumminess:N:u chump:N:p chums:S: chunk:N:g chunks:S: chunky:J: church-goers:S: church-going:J:
church-owned:J: church-state:NJ:g church-supported:J: church:N:g churches:S: churchgoer:N:p churchgoers:S: churchgoing:JN: churchly:J: churchman:N:p
churchmen:S: churchyard:N:l churn:V: churned:D: churning:GN: churns:P: chute:N:x chutney:N:f chutzpah:N:u cials:S: cicada:N:n cicadas:S: cider:N:f
cigar-chomping:J: cigar-making:J: cigar:N:x cigaret:N:x cigarette-tax:N: cigarette-vending:J: cigarette:N:x cigarettes:S: cigars:S: cilia:S:
ciliate:N:n ciliated:E: ciliates:S: cilium:N:n cinch:NV:a cinches:S: cincinnati:N:l cinder-block:J: cinder:N:x cinderblock:N: cinders:S: cinema:N:w
cinematic:J: cinematographer:N:p cinematography:N:a cipher:V: ciphers:S: circa:R: circle:NV:u circled:D: circles:SP: circling:G: circonscription:N:
circonscriptions:S: circuit-board:N: circuit-breaker:NJ: circuit:N:x circuitous:J: circuitry:N:x circuits:SP: circular:JN:w circularity:N:u
circulars:S: circulate:V: circulated:DE: circulates:P: circulating:G: circulation:N:w circulations:S: circulatory:J: circumcision:N:t circumference:N:u
circumlocution:N:w circumpolar:J: circumscribed:J: circumscribing:G: circumscriptions:S: circumspect:J: circumspection:N:k circumspectly:R:
circumstance:N:s circumstances:S:s circumstantial:J: circumvent:V: circumventing:G: circumvention:N:a circumvents:P: circus:N:g circuses:S:
cirrhosis:N:s cistern:N:x citadels:S: citation:N:w citations:S: cite:V: cited:DE: cites:P: cities:S: citing:G: citizen-plaintiffs:S: citizen-sparked:J:
citizen:N:p citizenry:N:g citizens:S: citizenship:N:s citrated:E: citric:J: citron:J: citrus:JN:f city-bred:J: city-charter:N: city-dweller:N:
city-like:J: city-owned:J: city-states:S: city-trading:N: city-wide:J: city:N:l citya:N: citybred:J: cityscapes:S: citywide:J: civ:N: civic-lunch:J:
civic:J: civics:S:k civil-investigative:J: civil-liberties:S: civil-rights:SJN: civil-service:JN: civil:J: civilian-aircraft:N: civilian:JN:p
civilians:S: civilised:J: civility:N:u civilization:N:g civilizational:J: civilizations:S: civilize:V: civilized:JE: civilizing:G: clad:EJ:
cladding:N:x claim:NV:w claimant:N:p claimants:S: claimed:DE: claiming:G: claims-processing:N: claims:SP: clairaudiently:R: clairvoyance:N:w
clairvoyant:J: clam:NV:n clambered:D: clambering:G: clammy:J: clamor:VN:a clamored:D: clamoring:G: clamorous:J: clamors:P: clamp:VN:x clampdown:N:a
clampdowns:S: clamped:DE: clamping:G: clamps:S: clams:S:m clamshell:N:n clamshells:S: clan:N:g clandestine:J: clang:N:a clanged:D: clanging:NG:
clangor:N:a clangoring:N:a clanking:G: clannish:J: clannishness:N:u clap:N:a clapboard:N:x clapped:D: clapping:GN:w claps:SP: claptrap:N:w claret:NJ:u
clarets:S: clarification:N:w clarifications:S: clarified:ED: clarifies:P: clarify:V: clarifying:G: clarinet:N:x clarinetist:N:p clarity:N:u clash:NV:a
clashed:ED: clashes:SP: clashing:G: clasped:DE: clasping:G: class-action:JN: class-based:J: class-biased:J: class-conscious:J: class-warfare:JN:
class-warrior:N: class:N:g classed:E: classes:S: classic:JN:x classical-music:J: classical:J: classically:R: classicism:N:k classicist:N:p classics:S:k
classiest:J: classification-angle:J: classification:N:a classifications:S: classificatory:J: classified-ad:N: classified:EDJ: classifier:N:p
classifiers:S: classifies:P: classify:V: classifying:G: classless:J: classmate:N:p classmates:S: classroom:N:x classrooms:S: classy:J: clatter:NV:a
clattered:D: clattering:G: clattery:J: claudication:N:s clause:N:w clauses:S: claustrophobia:N:s claustrophobic:J: claw:N:n clawed:E: clawing:G:
claws:S: clay-like:J: clay-mining:N: clay:N:x clays:S: clean-air:JN: clean-bank:J: clean-burning:J: clean-cut:J: clean-fuels:S: clean-shaven:J:
clean-top:J: clean-up:JN: clean-water:N: clean:JVR: cleaned-up:J: cleaned:ED: cleaner-burning:J: cleaner:JN:x cleaners:S:x cleanest:J:
cleaning-fluid:N: cleaning:NG:a cleanliness:N:s cleanly:R: cleans:P: cleanse:V: cleansed:DE: cleanser:N:x cleansers:S: cleansing:NG:a cleanup:N:m
cleanups:S: clear-channel:JN: clear-cut:J: clear-cutting:N: clear-eyed:J: clear-headed:J: clear-it-out:J: clear:JRV: clearance:N:u clearances:S:
cleared:ED: clearer:JR: clearest:J: clearheaded:J: clearing-firm:J: clearing:GJN:l clearinghouse:N: clearly:R: clearnace:N: clearness:N:u clears:P:
cleat:N:x cleavage:N:s cleave:V: cleaved:E: cleaver:N:x cleft:NE:u clefts:S: clemency:N:s clench:V: clenched:JDE: clenches:P: clergy:NS:g clergyman:N:p
clergymen:S: cleric:N:p clerical-lay:J: clerical:JN: clerics:S: clerk-turned:J: clerk:N:p clerking:N:a clerks:S: cleveland:N:l clever:J: cleverly:R:
cleverness:N:k cliche:N:w cliched:J: cliches:S: click:N:a clicked:DE: clickety-click:N:a clicking:GN: clicks:SP: client-service:JN: client:N:p
clientele:NS:g clients:S: clientslose:J: cliff:N:x cliffhanging:G: cliffs:S: climactic:J: climate:N:s climates:S: climatic:J: climax:NV:a climaxed:DE:
climaxes:S: climb:VN:x climbable:J: climbed:DE: climber:N:b climbers:S: climbing:GN:a climbs:PS: clime:N:s climes:S: clinch:V: clinched:D: clincher:N:w
clinches:S: clinching:G: cling:V: clinging:G: clings:P: clingy:J: clinic:N:g clinical-products:S: clinical:J: clinically:R: clinician:N:p clinics:S:
clinked:D: clinkers:S: clip:NV:x clipboard-size:J: clipboard-sized:J: clipboard:N:x clipboards:S: clipped:ED: clipping:N:w clippings:S: clips:S:
clique:N:g cliques:S: cloak:NV:x cloakrooms:S: cloaks:S: clobber:V: clobbered:ED: clobbers:P: clock-stopped:E: clock:NV:x clocked:E: clocking:N:t
clocks:SP:b clockwise:R: clockwork:N:x clod:N:g cloddishness:N: clodhopper:N:x clodhoppers:S: clods:S: clog:V: clogged:EJD: clogging:G: clogs:P:
cloistered:J: cloisters:S: clomped:D: clonazepam:N: clone:NV:p cloned:E: clones:S: clonic:J: cloning:GN:a close-in:J: close-knit:J: close-mouthed:J:
close-up:N: close:VJNR:t closed-circuit:J: closed-door:JN: closed-end:J: closed:DEJNV: closedown:N:a closedowns:S: closely-held:J: closely-packed:J:
closely:R: closeness:N:s closer:JR: closes:PSN: closest:J: closet-sized:J: closet:N:x closeted:JDE: closets:S: closeup:J: closeups:S: closing:GJN:a
closings:S: closure:N:a closures:S: clot-reducing:J: clot:NV:x cloth-of-gold:N: cloth:N:x clothbound:J: clothe:V: clothed:E: clothes:S:x
clothesbrush:N:x clotheshorse:N:x clothesline:N:x clotheslines:S: clothier:N:p clothiers:S: clothing-store:N: clothing:N:x clots:S: clotted:J:
clotting:G: cloture:N:w cloud-flecked:J: cloud:NV:s cloudburst:N:s clouded:EJD: clouding:N:s cloudless:J: clouds:SP: cloudy:J: clout:N:w clove:N:b
clover:N:b cloves:S: clown:N:p clowning:N:a clowns:S: cloying:J: clozapine:N:x club:N:g clubbed:JD: clubbers:S: clubby:J: clubfoot:N:s clubhouse:N:x
clubhouses:S: clubrooms:S: clubs:S: cluck:N:a clucked:D: clucking:G: clucks:PS: clue:N:w clues:S: clump:N:g clumps:S: clumsily:R: clumsy:J: clung:DE:
clunker:N: clunky:J: cluster:NV:g clustered:ED: clustering:GN:g clusters:SP: clutch:NV:a clutched:DE: clutches:SP:a clutching:G: clutter:NV:s
cluttered:EJ: cm:N:q co-anchor:NJ: co-anchored:E: co-author:N: co-authored:ED: co-authors:P: co-chaired:EJ: co-chairman:N: co-chairmen:S:
co-chairperson:N: co-chief:JN: co-conspirators:S: co-defendant:N:p co-defendants:S: co-develop:V: co-developers:S: co-director:N: co-edited:J:
co-editor:N: co-edits:P: co-educational:J: co-exist:V: co-existence:N: co-extinction:N: co-founded:DJ: co-founder:N: co-founders:S: co-head:N:
co-heads:S: co-hero:N: co-host:V: co-insurance:JN: co-inventors:S: co-lead:J: co-major:N: co-managed:EJD: co-manager:N: co-managers:S: co-managing:JG:
co-market:V: co-marketing:J: co-obligation:N: co-occurring:J: co-op:N:a co-operate:NV: co-operated:D: co-operates:P: co-operating:G: co-operation:N:
co-operative:JN: co-ops:N: co-optation:N:a co-opted:E: co-opting:N: co-ordinate:V: co-ordinated:J: co-ordinates:P: co-ordinating:G: co-ordination:N:
co-ordinator:N:p co-owner:N: co-payment:J: co-payments:S: co-pilot:NS:p co-pilots:S: co-plaintiff:N: co-presidents:S: co-produce:V: co-produced:DEJ:
co-production:NJ: co-publisher:N: co-signed:J: co-signers:N: co-sponsor:NV: co-sponsored:DJE: co-sponsoring:J: co-sponsors:S: co-star:N:p co-venture:N:
co-worker:N:p co-workers:S: co-written:E: co-wrote:D: coach:N:p coached:E: coaches:S: coaching:NG:a coachman:N:p coachmen:S: coachwork:N:
coagulating:G: coahse:N: coal-black:J: coal-fire:J: coal-fired:J: coal-like:J: coal-miners:S: coal-mining:J: coal-preparation:J: coal-railroad:N:
coal-seam-gas:J: coal:N:x coalesce:V: coalesced:E: coalescence:N:a coalesces:P: coalfields:S: coalition:N:g coalitions:S: coals:S: coarse:J:
coarsely:R: coarsened:E: coarseness:N:w coast-to-coast:J: coast:N:x coastal:J: coasted:DE: coaster:N:p coasters:S: coastline:N:l coasts:S: coat:NV:x
coated-magnetic:J: coated:EJ: coating:NG:x coatings:S: coats:S: coattail:N:x coattails:S: coax:V: coaxed:ED: coaxes:P: coaxial:J: coaxing:JG:
cobalt:N:x cobbled:ED: cobbler:N:p cobblestone:N:x cobblestones:S: cobra:N:n cobwebs:S: coca:N:b cocaine-processing:N: cocaine:N:x cocao:N:
coccidioidomycosis:N:s coccidiosis:N:s cochannel:JN: cock:N:x cockatoo:N:n cockatoos:S: cocked:DE: cockeyed:J: cockier:J: cockiness:N:u cockles:S:
cockpit:N:x cockpits:S: cockroach:N:n cockroaches:S: cocktail:N:f cocktails:S: cocky:J: coco:N:b cocoa-trading:J: cocoa:N:f coconut-containing:J:
coconut-lime:J: coconut:N:f coconuts:S: cocoon:N:n cocopalm:N: cocotte:N:p cocu:N: cod-liver:N: cod:N:b coddle:V: coddled:E: coddling:N: code-named:EJ:
code-related:J: code-sharing:N: code:NV:w coded:EJ: codes:S: codetermines:P: codewords:S: codfish:N:f codger:N:p codification:N:a codified:E:
codifies:P: codifying:G: coding:N:a codpiece:N:x coed:N: coeds:S: coefficient:N:q coefficients:S: coerce:V: coerced:EDJ: coerces:P: coercion:N:a
coercive:J: coexist:V: coexistence:N:s coexistent:J: coextrude:V: cofactors:S: coffee-house:N: coffee-roasting:J: coffee:N:f coffeecup:N:
coffeehouse:N:x coffeepot:N:x coffees:S: coffers:S: coffin-sized:J: coffin:N:x cofounder:N:p cog:N:p cogeneration-plant:N: cogeneration:N: cogently:R:
cognac:N:f cognate:J: cognitive:J: cognizance:N:k cognizant:J: cognoscenti:S: cogs:S: cohere:V: coherence:N:s coherent:J: coherently:R: cohesion:N:s
cohesive:J: cohesively:R: cohesiveness:N:s cohnfidunt:N: cohort:N:g cohorts:S: coiffed:J: coiffure:N:x coil:N:x coiled:D: coiling:G: coils:S: coily:R:
coin-cleaning:J: coin-operated:J: coin:NV:m coincide:V: coincided:DE: coincidence:N:a coincidences:S: coincident:J: coincidental:J: coincidentally:R:
coincides:P: coinciding:GJ: coined:ED: coins:S: coke:N:x cola:N:b colander:N:x colas:S: colchicum:N:b cold-blooded:J: cold-bloodedly:R: cold-cereal:J:
cold-cuts:S: cold-rolled:J: cold-storage:J: cold-war:J: cold-weather:J: cold:JN:s colde:M: colder:JR: coldest:J: coldhearted:J: coldly:R: coldness:N:k
colds:S: cole:N:b coleridge:N:p coli:S: colicky:J: coliseum:N:x collaborate:V: collaborated:DE: collaborates:P: collaborating:G: collaboration:N:a
collaborations:S: collaborative:J: collaborator:N:p collaborators:S: collage:N:x collagen:N:x collages:S: collapse:NV:s collapsed:DJE: collapses:PS:
collapsible:J: collapsing:G: collar-to-collar:J: collar:NV:x collarbone:N:x collared:E: collars:S: collated:E: collateral:NJ:m collateralized:JE:
collation:N:f colleague:N:p colleagues:S: collect:VJ: collectability:N: collected:ED: collectible:J: collectibles:S: collecting:GN:a collection:N:g
collections:S: collective-bargaining:JN: collective:JN:g collectively:R: collectives:S: collectivization:N:a collectivizers:S: collector:N:p
collectors:S: collects:P: college-bound:J: college-bowl:N: college-completion:J: college-educated:J: college-oriented:J: college-sports:SJ: college:N:g
colleges:S: collegial:J: collegian:N:p collegians:S: collegiate:J: collided:D: collie:N:n collimated:E: collision-damage:N: collision:N:a collisions:S:
colloidal:J: collonaded:E: colloquial:J: colloquies:S: colloquium:N:g colloquy:N:w collosal:J: collude:V: colluded:D: collusion:N:k colo-rectal:J:
cologne:N:l colognes:S: colon-cancer:N: colon:N:x colonel:N:p colonels:S: colonial:JN:p colonialism:N:a colonialist:N:p colonialists:S: colonials:S:
colonic:J: colonies:S: colonists:S: colonization:N:a colonized:DE: colonnade:N:x colonnaded:J: colony:N:g color-coded:E: color-coding:G: color-field:J:
color-glutted:J: color-printing:J: color-television:N: color:NJV:u colorado:N:l coloration:N:u coloratura:N:p colorblind:J: colorblindness:N:
colored:JE: coloreds:S: colorful:J: colorin:N: coloring:N:f colorization:N: colorless:J: colorlessness:N:u colors:SP:x colossal:J: colossus:N:p
colour-prints:S: coloured:J: colt:N:n coltish:J: colts:S: columbine:N:b columbines:S: columbus:N:l column-shaped:J: column:N:g columnist:N:p
columnists:S: columns:S: com:N: coma:N:k comas:S: comb:NV:x combat-inflicted:J: combat-ready:J: combat-tested:J: combat-trained:J: combat:NV:a
combatant:JN:p combatants:S: combating:G: combative:J: combatted:E: combed:DE: combinable:J: combination:N:g combinations:S: combine:VN:x combined:EJD:
combines:PS: combing:GJ: combining:G: combo:N:g combos:S: combustibles:S: combustion:N:s come-uppance:N: come:VDEPJ: comeback:N:w comedian:N:p
comedians:S: comedic:J: comedie:N: comedies:S: comedy-oriented:J: comedy:N:w comely:J: comer:N:p comers:S: comes:PS: comest:V: comestibles:S:
comet-like:J: comet:N:x cometary:J: cometh:P: comets:S: comeuppance:N:a comfort:NV:s comfortable:JN: comfortably:R: comforted:E: comforting:GJ:
comforts:S:m comfy:J: comic:JN:p comical:J: comically:R: comico-romantico:J: comics:S: comin:GN: coming-of-age:J: coming-out:J: coming:GJN:a comings:S:
comity:N:s comma:N:w command-and-control:J: command:NV:w commandant:N:p commanded:DE: commandeered:E: commandeering:G: commander-in-chief:N:p
commander:N:p commanders:S: commanding:GJN: commandment:N:w commandments:S: commando-trained:N: commando:N:p commandos:S: commands:SP: commas:S:
commawnded:D: commemorate:V: commemorated:ED: commemorates:P: commemorating:G: commemorative:JN:x commence:V: commenced:DE: commencement:N:t
commencements:S: commences:P: commencing:G: commend:V: commendable:J: commendation:N:w commendations:S: commended:ED: commending:G: commends:P:
commensurate:J: comment:VN:w commentaries:S: commentary:N:w commentator:N:p commentators:S: commented:DE: commenting:G: comments:SP: commerce:N:a
commercial-bank:JN: commercial-banking:NJ: commercial-credit:N: commercial-free:J: commercial-goods:S: commercial-industrial:J: commercial-jetliner:J:
commercial-litigation:N: commercial-loan:JN: commercial-products:J: commercial-property:N: commercial-switch:J: commercial:JN:w commercialism:N:a
commercialization:N:a commercialize:V: commercialized:E: commercializing:G: commercially:R: commercials:S: commerical:J: commie:J: comminge:G:
commingled:E: commiserate:V: commiserating:G: commiseration:N:s commissar:N:p commissaries:S: commissary:N:x commission-driven:J: commission:NV:g
commissioned:ED: commissioner:N:p commissioners:S: commissioning:NG:a commissions:SPN: commit:VJ: commitment:N:u commitments:S: commits:P:
committed:EJVD: committee:N:g committeeman:N:p committeemen:S: committees:SP: committeewoman:N:p committes:S: committing:G: committment:N:
commmercial:J: commmon:J: commmuter:N: commodities-related:J: commodities:S: commoditize:V: commodity-chemical:J: commodity-market:N:
commodity-options:S: commodity-oriented:J: commodity-price:J: commodity-swap:N: commodity-trading:N: commodity:N:x common-carrier:N:
common-law-marriage:N: common-law:JN: common-position:J: common-sense:JN: common-sensical:J: common-share:J: common-stock:JN: common:JN:l
commonality:N:g commoner:J: commoners:S: commonest:J: commonly:R: commonness:N:s commonplace:JN:w commonplaces:S: commons:N:l commonstock:N:
commonwealth:N:l commonwealths:S: commotion:N:s communal:J: commune:NV:l communes:S: communicable:J: communicate:V: communicated:ED: communicating:GN:w
communication-cluttered:J: communication-service:J: communication:N:w communicational:J: communications-equipment:N: communications-network:J:
communications:SN:k communicative:J: communicator:N:p communicators:S: communion:N:a communique:N:w communiques:S: communism:N:g communist-led:J:
communist:JN:p communistic:J: communists:S: communitarians:S: communities:S: community-based:J: community-development:N: community-oriented:J:
community-service:N: community:N:g communize:V: commutation:N:a commutator-like:J: commutator:N:x commute:VN:a commuted:ED: commuter-airline:N:
commuter:N:x commuters:S: commutes:SP: commuting:GN:a compact-car:N: compact-disk:N: compact:JN:x compacted:JE: compaction:N:a compactly:R: compacts:S:
companies:S: companion:NJ:p companionable:J: companions:S: companionship:N:s companionway:N:x company-arranged:J: company-managed:J:
company-operated:J: company-owned:J: company-paid:J: company-run:J: company-sponsored:J: company-wide:J: company:N:g companywide:JR: comparability:N:u
comparable-store:J: comparable:J: comparably:R: comparative:JN:w comparatively:R: compare:VN:u compared:ED: compares:PS: comparing:G: comparison:N:a
comparisons:S: compartment:N:x compartments:S: compass:NV:x compassion:N:s compassionate:J: compassionately:R: compatability:N: compatibility:N:s
compatible:J: compatiblizers:S: compatriot:N:p compatriots:S: compel:V: compelled:EDJ: compelling:JG: compellingly:R: compels:P: compendium:N:w
compensate:V: compensated:ED: compensates:P: compensating:G: compensation:N:m compensations:S: compensatory:J: compete:V: competed:DE: competence:N:u
competency:N:u competent:J: competently:R: competes:P: competing:GJ: competition-enhancers:S: competition:N:z competitions:S: competitive-analysis:J:
competitive:J: competitively:R: competitiveness:N:u competitor:N:p competitors:S: competitve:J: competitveness:N: compilation:N:w compilations:S:
compile:V: compiled:ED: compiler:N:p compiles:P: compiling:G: complacency:N:s complacent:J: complacently:R: complain:V: complainant:N:p complained:DE:
complaining:G: complains:P: complaint-resolution:N: complaint:N:s complaints:S: complaisance:N:u complaisant:J: compleated:E: complection:N:
complement:NV:w complementary:J: complemented:D: complements:PS: complete:JV: completed-contract:J: completed:EJD: completely-restored:J: completely:R:
completeness:N:s completes:P: completing:G: completion:N:a completions:S: complex-valued:J: complex:JN:k complexes:S: complexion:N:u complexities:S:
complexity:N:u compliance:N:a compliant:J: complicate:V: complicated:EJD: complicates:P: complicating:G: complication:N:a complications:S:
complicity:N:s complied:ED: complies:P: compliment:NV:w complimentary:J: complimented:E: complimenting:G: compliments:S:w comply:V: complying:G:
component:N:k components:S: comport:V: comported:D: comportment:N:u compose:V: composed:EDJ: composer-in-residence:N: composer:N:p composers:S:
composes:P: composing:G: composite:JN:k composites:S: composition:N:u compositional:J: compositions:S: compost:N:x composting:N: composure:N:u
compote:N:f compound-engine:J: compound:NJV:k compounded:EJD: compounding:GN:a compounds:SP: comprehend:V: comprehended:DE: comprehending:G:
comprehension:N:k comprehensive:J: comprehensively:R: comprehensiveness:N:s compress:V: compressed:ED: compresses:SP: compressibility:N:u
compressing:G: compression:N:a compressive:J: compressor-manufacturing:J: compressor:N:x compressors:S: comprise:V: comprised:ED: comprises:P:
comprising:G: compromise:NJV:a compromised:ED: compromiser:N:p compromises:SP: compromising:GJ: comptroller:N:p compulsion:N:k compulsions:S:
compulsive:J: compulsively:R: compulsives:S: compulsivity:N:u compulsory:J: compunction:N:s computation:N:a computational:J: computations:S: compute:V:
computed:EJ: computer-accessory:JN: computer-activated:J: computer-age:J: computer-aided-design:J: computer-aided:J: computer-assembly:N:
computer-assisted:J: computer-based:J: computer-chip:NJ: computer-controlled:J: computer-data-storage:J: computer-dependent:J: computer-distributed:J:
computer-driven:J: computer-edited:J: computer-game:N: computer-generated:J: computer-guided:J: computer-hardware:N: computer-industry:NJ:
computer-integrated:J: computer-literate:J: computer-magazine:J: computer-maintenance:NJ: computer-maker:N: computer-making:J: computer-market:J:
computer-marketing:N: computer-matching:J: computer-network:N: computer-operated:J: computer-oriented:J: computer-power-supply:N: computer-printer:N:
computer-products:SJ: computer-related:J: computer-reservation:JN: computer-room:J: computer-science:N: computer-security:J: computer-service:J:
computer-services:S: computer-servicing:JN: computer-software:N: computer-stock:N: computer-store:N: computer-system-design:J: computer-systems:S:
computer-trading:N: computer-unit:J: computer:N:x computerize:V: computerized:JNVE: computerizing:G: computerrelated:J: computers:S: computes:P:
computing-services:J: computing:GN:k comrade:N:p comrades:S: comradeship:N:u con:JNRVI:w concave:J: conceal:V: concealed:EJD: concealing:G:
concealment:N:s conceals:P: concede:V: conceded:DE: concededly:R: concedes:P: conceding:G: conceit:N:s conceits:N: conceivable:J: conceivably:R:
conceive:V: conceived:EDJ: conceiver:N:p conceives:P: conceiving:G: concentrate:VN:x concentrated:EJD: concentrates:PS: concentrating:G:
concentration-camp:N: concentration:N:u concentrations:S: concentric:J: concept:N:k conception:N:k conceptions:S: concepts:S: conceptual:J:
conceptuality:N:k conceptualization:N:a conceptualizing:G: conceptually:R: concern:NV:k concerned:EJVD: concerning:G: concerns:SP: concert:N:w
concerted:JE: concerti:S: concertina:N:x concertmaster:N: concerto:N:w concertos:S: concerts:S: concession:N:w concessionaire:N:p concessionaires:S:
concessions:S: concierge:N:p conciliate:V: conciliator:N:p conciliatory:J: concise:J: concisely:R: conciseness:N:w concision:N:w conclave:N:g
conclaves:S: conclude:V: concluded:DE: concludes:P: concluding:GJ: conclusion:N:k conclusions:S: conclusive:J: conclusively:R: concoct:V: concocted:ED:
concoction:N:f concoctions:S: concomitant:JN:a concomitantly:R: concord:N:l concordant:J: concrete-product-making:N: concrete:JN:x concretely:R:
concretistic-seeming:J: concretistic:J: concur:V: concurred:DE: concurrence:N:w concurrent:J: concurrently:R: concurring:G: concurs:P: concussion:N:a
condemn:V: condemnation:N:w condemnatory:J: condemned:EJD: condemning:G: condemns:P: condensate:N:x condensation:N:k condense:V: condensed:JE:
condenser:N:x condensers:S: condensing:G: condescending:JG: condescension:N:u condicions:S: condiments:S: condition:NV:s conditional:JN:
conditionally:R: conditioned:EDJ: conditioner:N:a conditioners:S: conditioning:NG:k conditions:S:s condo:N:x condolences:S: condom:N:x condominium:N:x
condominiums:S: condoms:S: condone:V: condoned:ED: condos:S: conducive:J: conduct:NV:a conducted:ED: conducting:GN:a conduction:N:s conductivity:N:s
conductor:N:p conductors:S: conductorship:N: conducts:P: conduit:N:x conduits:S: cone-sphere:J: cone:NV:x coneheads:S: cones:S: confabulated:E:
confabulation:N:w confabulations:S: confectionary:J: confectioner:N:p confectionery:N:f confederacy:N:l confederate:N:p confederates:S:
confederation:N:s confederations:S: confer:V: conferees:S: conference:N:g conferences:S: conferred:ED: conferring:G: confers:P: confess:V:
confessed:DE: confesses:P: confessing:G: confession:N:w confessional:NJ:x confessionals:S: confessions:S: confessor:N:p confict:N: confidant:N:p
confidante:N:p confidants:S: confide:V: confided:DE: confidence-crusher:N: confidence-shattering:J: confidence:N:k confidences:S: confident:J:
confidential:J: confidentiality:N:s confidentially:R: confidently:R: confides:P: confiding:GJ: configuration-data:J: configuration:N:k
configurations:S: confine:V: confined:EJD: confinement:N:s confinements:S: confines:S:u confining:G: confirm:V: confirmation:N:k confirmations:S:
confirmed:DEJ: confirming:G: confirms:P: confiscate:V: confiscated:ED: confiscating:G: confiscation:N:a confiscatory:J: conflagration:N:a conflation:N:
conflict-of-interest:NJ: conflict-ridden:J: conflict:NV:a conflicted:DE: conflicting:GJ: conflicts:SP: confluence:N:l confluent:J: conform:V:
conformance:N:u conformation:N:u conformational:J: conformations:S: conformed:ED: conforming:G: conformist:JN:p conformists:S: conformitarianism:N:
conformity:N:u conforms:P: confound:V: confounded:DE: confounding:G: confrere:N:p confreres:S: confront:V: confrontation:N:w confrontational:J:
confrontations:S: confronted:ED: confronting:G: confronts:P: confuse:V: confused:EJD: confuses:P: confusin:N: confusing:JG: confusion:N:s confusions:S:
congeal:V: congealed:DE: congenial:J: congeniality:N:u congenital:J: congested:JE: congestion:N:s congestive:J: conglomerate:NJ:x conglomerates:S:
congo:N:l congratulate:V: congratulated:ED: congratulating:N: congratulation:N:w congratulations:SU:w congratulatory:J: congregate:V: congregated:D:
congregation:N:g congregational:J: congregations:S: congress:N:g congressional-item:J: congressional:J: congressionally:R: congressman:N:p
congressmen:S: congressonal:J: congresssional:J: congruence:N:u congruent:J: conic:JN:u coning:N: conjecture:N:k conjectured:E: conjectures:SP:
conjoined:E: conjugal:J: conjugate:N:x conjugated:EJ: conjugates:S: conjugating:G: conjugation:N:s conjunction:N:u conjunctions:S: conjur:N: conjure:V:
conjured:ED: conjures:P: conjuring:G: connect:V: connected:EJD: connecticut:N:l connecting:GJ: connection:N:z connections:S: connective:J:
connector:N:x connectors:S: connects:P: conned:E: connexion:N:u conning:G: connivance:N:w conniver:N: connoisseur:N:p connoisseurs:S: connotation:N:w
connotations:S: connote:V: connotes:P: conpired:E: conquer:V: conquered:ED: conquering:G: conqueror:N:p conquerors:S: conquest:N:a conquests:S: cons:S:
consanguineous:J: consanguineously:R: consanguinity:N:z conscience:N:k consciences:S: conscientious:J: conscionable:J: conscious:JN: consciously:R:
consciousness-raising:N: consciousness:N:k conscript:NJ:p conscripted:E: conscription:N:a conscripts:S: consderations:S: consecration:N:a
consecutive:J: consensual:J: consensus-seeker:N: consensus:N:s consent-decree:J: consent:NV:w consented:DE: consenting:GJ: consents:SP: consentual:J:
consequence:N:s consequences:S: consequent:J: consequential:J: consequently:R: conservancy:N:g conservation:N:a conservationist:N:p conservationists:S:
conservatism:N:k conservative-communist:J: conservative-led:J: conservative-liberal:J: conservative:JN:p conservatively-cravated:J: conservatively:R:
conservatives:S: conservator:N:p conservatories:S: conservators:S: conservatorship:N: conservatory:N:g conserve:V: conserved:E: conserves:P:
conserving:G: consider:V: considerable:J: considerably:R: considerate:J: considerately:R: consideration:N:k considerations:S: considered:EDJ:
considerin:G: considering:G: considers:P: consign:V: consigned:DE: consigns:P: consisently:R: consist:V: consisted:DE: consistence:N:u consistency:N:u
consistent:J: consistently:R: consisting:G: consists:P: consolation:N:s console:V: consoled:DE: consoles:SP: consolidate:V: consolidated-pretax:J:
consolidated:JDE: consolidates:P: consolidating:GJ: consolidation:N:a consolidations:S: consoling:G: consomme:N:f consonance:N:w consonant:JN:w
consonantal:J: consonants:S: consorted:D: consortia:SN: consorting:G: consortium-ownership:N: consortium:N:g consortiums:S: conspicuous:J:
conspicuously:R: conspiracies:S: conspiracy:N:w conspirator:N:p conspiratorial:J: conspirators:S: conspire:V: conspired:DE: conspires:P: conspiring:G:
constable:N:p constables:S: constancy:N:u constant-temperature:N: constant:JNR:k constantly:R: constants:S: constatation:N:k constellation:N:k
constellations:S: consternation:N:s constipation:N:s constituencies:S: constituency:N:g constituent:NJ:x constituents:S: constitute:V: constituted:DE:
constitutes:P: constituting:G: constitution:N:w constitutional-law:JN: constitutional:J: constitutionality:N: constitutionally:R: constitutions:S:
constrain:V: constrained:EJ: constraining:G: constrains:P: constraint:N:s constraints:S: constricted:JDE: constricting:G: constriction:N:u
constrictions:S: constrictor:N:n constrictors:S: construct:V: constructed:ED: constructing:G: construction-industry:N: construction-management:J:
construction-oriented:J: construction-related:J: construction:N:a constructional:J: constructions:S: constructive:J: constructively:R: constructon:N:
constructs:P: construe:V: construed:ED: construing:G: consul:N:p consular:J: consulate:N:x consulates:S: consult:V: consultancy:N:a consultant:N:p
consultants:S: consultation:N:w consultations:S: consultative:J: consulted:ED: consulting-firm:N: consulting:NJG: consumables:S: consume:V:
consumed:ED: consumer-advocacy:J: consumer-analgesic:J: consumer-credit:JN: consumer-driven:J: consumer-electronics:SJ: consumer-finance:J:
consumer-goods:S: consumer-led:J: consumer-minded:J: consumer-oriented:J: consumer-paint:J: consumer-price-index:J: consumer-price:JN:
consumer-product:JN: consumer-products:SJ: consumer-protection:N: consumer-telephone:J: consumer-warning:N: consumer:N:p consumerism:N:k consumers:S:
consumes:P: consuming:GN: consummate:J: consummated:ED: consummately:R: consummation:N:a consumption-tax:N: consumption:N:a consumptive:J: cont:E:
contact-lens:N: contact:NJV:a contacted:ED: contacting:G: contacts:SP: contadini:S: contagion:N:s contagious:J: contain:V: containable:J:
contained:DEJ: container-ship:N: container:N:x containerboard:N: containerized-cargo:N: containers:S: containing:G: containment:N:k contains:P:
contaminants:S: contaminate:V: contaminated:EDJ: contaminating:G: contamination:N:s contemplate:V: contemplated:EJD: contemplates:P: contemplating:G:
contemplation:N:a contemplative:J: contemporaneous:J: contemporaries:S:g contemporary:JN:p contemporize:V: contempt-of-court:N: contempt:N:s
contemptible:J: contemptuous:J: contemptuously:R: contend:V: contended:DE: contender:N:p contenders:S: contending:G: contends:P: content:NJV:g
contented:EJ: contentedly:R: contenting:G: contention:N:w contentions:S: contentious:J: contentment:N:s contents:S:g contest:NV:a contestant:N:p
contestants:S: contested:EJD: contesting:G: contests:S: context:N:w contexts:S: contiguous:J: continence:N:u continent:N:x continental:J:
continentally:R: continents:S: contingencies:S: contingency-fee:J: contingency:N:a contingent-fee:J: contingent:JN:g contingents:S: continously:R:
continual:J: continually:R: continuance:N:a continuation:N:a continue:V: continued:DJE: continues:P: continuing-education:J: continuing:GJ:
continuingly:R: continuities:S: continuity:N:s continuo:N:w continuous:J: continuously:R: continuum:N:t contorted:J: contortion:N:a contortionists:S:
contour-obliterating:J: contour:N:w contouring:G: contours:S: contraband:JN:x contrabass:N:x contraception:N:a contraceptive:JN:x contraceptives:S:
contract-drilling:NG: contract-food:N: contract-negotiation:N: contract-services:S: contract-steering:J: contract:NV:w contracted-for:J: contracted:DE:
contracting:NG:a contraction-extension:J: contraction:N:a contractions:S: contractor:N:p contractors:S: contracts:SNP: contractual:J: contractually:R:
contradict:V: contradicted:DE: contradicting:G: contradiction:N:z contradictions:S: contradictorily:R: contradictory:JN:z contradicts:P:
contradistinction:N:k contralto:N:p contraption:N:x contraptions:S: contrarian:JN:p contrarians:S: contrarieties:S: contrary-to-reality:J:
contrary:JN:z contrast:NV:z contrasted:ED: contrasting:GJ: contrasts:SP: contravened:DE: contraventions:S: contretemps:N:a contribs:S: contribued:D:
contribute:V: contributed:DE: contributes:P: contributing:GJ: contribution:N:a contributions:S: contributor:N:p contributors:S: contributory:J:
contrite:J: contrition:N:s contrivance:N:x contrivances:S: contrive:V: contrived:EJ: contriving:G: control-room:N: control:NJV:u controllable:J:
controlled-circulation:J: controlled:EJD: controller:N:p controllers:S: controlling:GJN: controls:SP: controversial:J: controversialists:S:
controversies:S: controversy-prone:J: controversy:N:w contusion:N:s contusions:S: conundrum:N:w convalescence:N:s convalescing:G: convection:N:s
convenants:S: convene:V: convened:DE: convenes:P: convenience-food:N: convenience-store:N: convenience:N:s conveniences:S:m convenient-type:J:
convenient:J: conveniently:R: convening:GN:a convent:N:x convention-goers:S: convention:N:g conventional-arms:SJ: conventional-type:J: conventional:J:
conventionality:N:k conventionalized:E: conventionally:R: conventioneers:S: conventioners:S: conventions:S: converage:N: converge:V: converged:D:
converging:G: conversant:N: conversation:N:w conversational:J: conversations:S: converse:VN:w conversely:R: conversing:G: conversion-by-renovation:J:
conversion:N:a conversions:S: convert:VN:p converted:EJD: converter:N:x converters:S: convertibility:N:u convertible-bond:J: convertible:JN:x
convertibles:S: converting:G: converts:SP: convex:J: convexity:N:u convey:V: conveyance:N:w conveyed:DE: conveying:G: conveyor:N:p conveys:P:
convict:NV:p convicted:ED: convicting:G: conviction:N:k convictions:S: convicts:S: convince:V: convinced:EDJ: convinces:P: convincing:JGN:
convincingly:R: convivial:J: convocation:N:g convoluted:JE: convolutions:S: convoy:N:g convoys:S: convulsed:D: convulsion:N:s convulsions:S:
convulsive:J: convulsively:R: cooing:G: cook:NV:p cookbook:N:w cookbooks:S: cooked-over:J: cooked:ED: cooker:N:x cookers:S: cookfire:N:x
cookie-and-cracker:J: cookie-cutter:N: cookie:N:f cookies:S: cooking:NGJ:a cooks:S: cookware:N:x cool-headed:J: cool:JNRV:u coolant:N:x coolants:S:
cooled:EJD: cooler:JN:x coolers:S: coolest:J: coolheaded:J: cooling-heating:J: cooling-off:JN: cooling:NG:s coolly:R: coolness:N:s coolnesses:S:
cools:P: cooly:R: coon:N:p coop:N:x cooped:JNE: cooperate:V: cooperated:ED: cooperates:P: cooperating:G: cooperation:N:a cooperative-care:J:
cooperative:JN:a cooperatively:R: cooperatives:S: coops:S: coordinate:VJN:k coordinated:EDJ: coordinates:SP: coordinating:GN: coordination:N:k
coordinator:N:p coordinators:S: coosie:N: cop-killer:J: cop-out:N: cop:N:p cope:VN:x copenhagen:N:l copes:P: copied:ED: copier:N:x copiers:S: copies:S:
coping:GN:x copings:S: copious:J: copiously:R: copolymers:S: copper-based:J: copper-producing:J: copper-rich:J: copper:N:x coppery:JN: copra:N:f
coproducer:N: coproductions:S: cops:S: copy-cat:J: copy:NV:w copybooks:S: copycat:N:p copycats:S: copying:NG:a copyright-infringement:N: copyright:NJ:w
copyrighted:E: copyrights:S: copywriter:N:p coquette:N:p coral-colored:J: coral:J: cord:N:x corded:E: cordial:JN:f cordless:J: cordon:N:g cords:S:x
corduroy:N:x corduroys:S:x core-jacket:J: core:NJ:g cores:S: coriander:N:b corinthian:J: cork:N:x corked:J: corkers:S: corks:S: corkscrew:N:x
corkscrews:S: corn-based:J: corn-belt:N: corn-buying:J: corn-farmers:S: corn-producing:J: corn-seed:N: corn:N:b cornball:N: cornbread:N:f corne:N:
cornea:N:x corneal:J: corner-posts:S: corner:NJV:l cornered:EDJ: cornering:G: corners:S: cornerstone:N:k cornerstones:S: cornfield:N:l
cornflake-size:J: cornices:S: corniest:J: cornmeal-price:N: cornmeal:N:f corns:S: cornstarch:N:x cornucopia:N:w corny:J: corollaries:S: corollary:N:a
corona:N:s coronaries:S: coronary:J: coroner:N:p corpocrat:N: corporal:N:p corporate-bond:J: corporate-coverage:J: corporate-development:N:
corporate-earnings:S: corporate-entertainment:J: corporate-finance:JN: corporate-identity:J: corporate-image:J: corporate-law:N: corporate-lending:J:
corporate-owned:J: corporate-pension:J: corporate-raider:J: corporate-related:J: corporate-securities:J: corporate-settlement:N: corporate-tax:J:
corporate-wide:J: corporate:J: corporates:S: corporatewide:J: corporation-socialist:J: corporation:N:g corporations:S: corporatism:N:u corporatist:N:p
corporativism:N: corporativists:S: corporeal:J: corporeality:N:u corps:N:g corpse:N:x corpses:S: corpsman:N: corpulence:N:u corpus:N:m
corpuscular-radiation:N: corpuscular:J: corral:NV:x corralled:E: corralling:G: corrals:S: correct:JV: corrected:EDJ: correcting:GN: correction:N:a
correctional:J: corrections:S:g corrective:J: correctly:R: correctness:N:u corrects:P: correlate:V: correlated:JDE: correlating:G: correlation:N:z
correlations:S: correspond:V: corresponded:D: correspondence:N:w correspondent:N:p correspondents:S: corresponding:JG: correspondingly:R:
corresponds:P: corridor:N:x corridors:S: corroborate:V: corroborated:DE: corroborees:S: corrode:V: corroding:G: corrosion-protection:JN:
corrosion-resistant:J: corrosion:N:s corrosive:J: corrugated:JE: corrugations:S: corrupt:JV: corrupted:E: corrupter:N: corruptible:J: corrupting:GJN:
corruption:N:u corruptions:S: corrupts:P: corsage:N:x corset:N:x cortege:N:g cortex:N:x cortical:J: cortically:R: cortico-fugal:JN:
cortico-hypothalamic:J: corticosteroid:N:x corticosteroids:S: corticotropin:N:x cortisone:N:x corvettes:S: cosec:N:z cosecant:N:z cosigner:N:p
cosily:R: cosmetic:JN:x cosmetics-industry:N: cosmetics:S: cosmetology:N:a cosmic:J: cosmical:J: cosmological:J: cosmologies:S: cosmologists:S:
cosmology:N:k cosmopolitan:J: cosmopolitanism:N: cosmopolitans:S: cosmos:N:x cosponsored:E: cosponsors:P: cost-accounting:J: cost-benefit:J:
cost-billing:J: cost-conscious:J: cost-consciousness:N: cost-containment:NJ: cost-control:J: cost-cutters:S: cost-cutting:JN: cost-data:J:
cost-effective:J: cost-effectiveness:N: cost-efficiency:N: cost-efficient:J: cost-finding:J: cost-of-living:JN: cost-plus:J: cost-prohibitive:J:
cost-push:J: cost-raising:J: cost-recovery:J: cost-reduction:JN: cost-saving:J: cost-savings:JS: cost-sharing:NJ: cost-shifting:N: cost-to-benefit:J:
cost-transfer:N: cost:NDEV:m costcutting:N: coste:V: costing:GN:a costive:J: costlier:J: costliest:J: costly:JR: costs:SP:m costume-jewelry:N:
costume:NJ:x costumed:E: costumes:S: costuming:N: cosy:J: cot:N:x coterie:N:g cotillion:N:a cots:S: cottage:N:x cottages:S: cotter:N:p
cotton-ginning:J: cotton-growing:J: cotton:N:x cottonmouth:N:n cottonseed:N:b couch-potato:N: couch:N:x couched:ED: couches:S: couching:G: coudn:M:
cough:NV:s coughed:DE: coughing:GN:s coughs:S: could:M: coulda:N: council:N:g councilman:N:p councilor:N: councilors:S: councils:S: councilwoman:N:p
counsel:NV:p counseled:ED: counseling:NG:w counselor:N:p counselors:S: counsels:P: count:NV:q countdown:N:a counted:ED: countenance:NV:u
countenances:S: counter-apparatus:N: counter-argument:N: counter-arguments:S: counter-attack:N: counter-attacked:D: counter-balanced:J:
counter-claims:S: counter-culture:J: counter-cyclical:J: counter-demand:N: counter-drill:V: counter-efforts:S: counter-escalation:N:
counter-intelligence:J: counter-measures:S: counter-moves:S: counter-offensive:N: counter-productive:J: counter-revolutionary:JN: counter-successes:S:
counter-tenor:N: counter-trade:J: counter-trend:J: counter:NIJRV:x counteract:V: counteracted:ED: counteracting:G: counterarguments:S:
counterattack:NV:a counterattacked:D: counterbalance:VN:x counterbalanced:E: counterbalancing:G: counterbid:N: counterbidder:N: counterbidders:S:
counterbids:S: counterchallenge:V: countercharged:D: countercharges:S: counterclaim:N:a counterclaims:S: countercultural:J: counterculture:J:
countered:DE: counterespionage:N:a counterfeit:J: counterflow:N: counterforce:N: counterguarantee:N: countering:G: counterman:N:p countermeasures:S:
countermove:N:a counteroffensive:N:a counteroffer:N:w counterpart:NJ:k counterparts:S: counterpoint:N:w counterpointing:G: counterproductive:J:
counterprogram:V: counterprogramming:N: counterproposal:N:w counterproposals:S: counterrevolutionaries:S: counterrevolutionary:JN:p counters:SP:
countershot:N:a countersued:DE: countersuing:G: countersuit:N:a countertenor:N:p counterterror:J: counterterrorism:N:k countertop:N:x
countervailing:JG: counterweight:N:x countess:N:p countian:N: counties:S: countin:NG: counting:GN:a countless:J: countrey:N: countries:S: countriman:N:
country-club:N: country-development:N: country-life:J: country-squirehood:N: country:N:g countryman:N:p countrymen:S: countryside:N:l countrywide:J:
counts:SP: county-wide:J: county:N:l coup-makers:S: coup-planning:N: coup-proof:J: coup:N:a coupe:N:x coupes:S: couple:NJV:g coupled:ED: coupler:N:x
couplers:S: couples:S: couplets:S: coupling:GN:x coupon-distribution:J: coupon-equivalent:J: coupon:N:w couponing:NG: coupons:S: coups:S: courage:N:u
courageous:J: courageously:R: courier:N:p couriers:S: course-correction:N: course:NR:a coursed:E: courses:S: coursing:G: court-appointed:J:
court-approved:J: court-length:J: court-ordered:J: court-reporting:J: court-supervised:J: court:NV:g courted:ED: courteous:J: courteously:R:
courtesan:N:p courtesies:S: courtesy:N:a courthouse:N:x courthouses:S: courtier:N:p courtiers:S: courting:GN:w courtliness:N:u courtly:J: courtroom:N:x
courtrooms:S: courts:SP: courtship:N:w courtyard:N:x courtyards:S: couscous:N:f cousin-wife:N: cousin:N:p cousins:S: cove:N:x covenant:N:w
covenants:SP: cover-up:N:a cover:VN:x coverage:N:m coverages:S: coverall:N:x covered:EJD: covering:GN:x coverings:S: coverlet:N:x covers:PS:
covert-operations:S: covert:J: covertly:R: coverts:S: coverup:N: coves:S: covet:V: coveted:EJ: coveting:G: covetous:J: covetousness:N:s covets:P:
cow-blood:N: cow-man:N: cow-people:N: cow:NV:n coward:N:p cowardice:N:u cowardly:J: cowards:S: cowbirds:S: cowboy:N:p cowboys:S: cowed:E: cower:V:
cowering:G: cowhand:N:p cowhands:S: cowhide:N:x cowling:N:x cowman:N:p coworkers:S: cowpony:N: cowpox:N:s cowpuncher:N:p cows:S:n coxcombs:S: coy:J:
coyly:R: coyness:N:u coyote:N:n coyotes:S: cozier:J: coziness:N:s cozy:JR: cps:S:t cpu:N:x cr:N:x crab:N:n crabapple:N:b crabbed:J: crabby:J:
crabmeat:N:f crabs:S:s crack-addicted:J: crack-cocaine:N: crack-induced:J: crack-ridden:J: crack-user:N: crack-using:J: crack:NJV:x crackdown:N:a
crackdowns:S: cracked:DEJ: cracker-box:J: cracker:N:f crackers:S: cracking:GJN:a crackle:NV:a crackled:D: crackles:P: crackling:N:x crackpot:N:p
crackpots:S: cracks:SP: cradle-to-grave:J: cradle:NV:x cradled:E: cradles:S: craft-industrial:J: craft:NV:a crafted:ED: crafter:N:p crafting:G:
crafts:S: craftsman-in-residence:J: craftsman:N:p craftsmanship:N:k craftsmen:S: crafty:J: crag:N:x craggy:J: crags:S: cram:J: crammed:ED: cramming:G:
cramp:N:s cramped:J: cramps:S: crams:P: cranberries:S: cranberry-and-gray:J: crane-safety:N: crane:NV:p cranelike:J: cranes:S: craning:G: crank:VN:p
crankcase:N:x cranked:DE: cranking:G: cranks:S: crankshaft:N:x cranky:J: crannies:S: cranny:N:u crap:NU:x crapshoot:NV:a crash-scarred:J: crash-wary:J:
crash:NVJ:a crashed:DJE: crasher:N:p crashes:SP: crashing:G: crashlet:N: crass:J: crassest:J: crassness:N:u crate:N:x crater:N:x cratered:E:
cratering:G: craters:S: crates:S: crave:V: craved:ED: craven:J: craves:P: craving:NG:s cravings:S: crawl:VN:a crawled:DE: crawling:G: crawls:SP:
crawlspace:N:l crayons:S: craze:N:k crazed:JD: crazee:J: crazes:S: crazies:S: crazily:R: craziness:N:s crazing:G: crazy-wonderful:J: crazy:J:
creak:NV:a creaked:D: creaking:GN:a creaks:S: cream-of-the-crop:N: cream:NJ:g creamed:E: creamer:N:x creamier:J: creams:S: creamy:J: crease:N:u
creased:E: creases:S: creasingly:R: create:V: created:EDJ: creates:P: creating:G: creation:N:a creationism:N:k creationist:J: creations:S: creative:J:
creatively:R: creativeness:N:k creativity-oriented:J: creativity:N:k creator:N:p creators:S: creature:N:z creatures:S: creche:N:x credence:N:k
credential:N:w credentialized:J: credentials:S:w credibility:N:u credible:J: credibly:R: credit-backing:N: credit-card:NJ: credit-discrimination:N:
credit-easing:JN: credit-enhancement:N: credit-financed:J: credit-information:N: credit-line:N: credit-market:J: credit-policy:N: credit-quality:J:
credit-rating:JN: credit-ratings:S: credit-reporting:JN: credit-services:S: credit-softening:N: credit-tightening:N: credit-worthiness:N:
credit-worthy:J: credit:NV:w creditable:J: creditably:R: creditcard:N: credited:ED: crediting:NG: creditor:N:p creditors:S: credits:SP:w
creditworthiness:N:u creditworthy:N: credo:N:k credulity:N:u credulous:J: credulousness:N:u creed:N:k creedal:J: creeds:S: creek-filled:J: creek:N:x
creeks:S: creep:VJN:p creeper:N:b creepers:S: creepiest:J: creeping:GJ: creeps:P: creepy:J: cremate:V: cremated:E: cremation:N:a crematoriums:S:
creole:N:p crepe:J: crept:DE: crescendo:N:u crescent:N:u crest:NV:l crested:J: crestfallen:J: cresting:G: crests:S: crevasse:N:x crevasses:S:
crevice:N:u crevices:S: crew-pairing:J: crew-rest:N: crew:N:g crewcut:N: crewel:N: crewmen:S: crews:S: crib:NJ:x cribbing:G: cribs:SP: cricket:N:n
crickets:S: cried:DE: cries:SP: crime-busting:J: crime-fighting:J: crime-infested:J: crime-ridden:J: crime:N:a crimes:S: criminal-abortion:J:
criminal-defense:JN: criminal-justice:N: criminal-law:N: criminal:JN:p criminality:N:s criminalization:N:a criminalize:V: criminalized:J:
criminalizing:G: criminally:R: criminals:S: criminologist:N:p criminology:N:k crimp:VN:u crimped:JE: crimping:G: crimps:P: crimson:JN:u crimsoning:G:
cringe:V: cringed:D: cringing:GJ: crinkles:S: cripple-maker:N: cripple:VN:p crippled:EJD: cripples:S: crippling:JG: crises:S: crisis-management:JN:
crisis-oriented:J: crisis-response:J: crisis-to-crisis:J: crisis:N:s crisp:JN:f crisper:N: crisply:R: crispness:N:u crispy:J: criss-cross:VJ:
criss-crossed:JE: criss-crossing:N: crisscross:V: crisscrossed:ED: crisscrossing:G: critcism:N: criteria:S: criterion:N:w critic:N:p
critical-intellectual:J: critical:J: criticality:N:s critically:R: criticism:N:w criticisms:S: criticize:V: criticized:ED: criticizes:P: criticizing:G:
critics:S: critique:N:w critter:N:n critters:S: croak:NV:w croaked:D: croaker:N:f croakin:G: croaking:N:w croaks:S: crochet:V: crocidolite:N:
crocked:J: crocketed:J: crocodile:N:n crofter:N:p crofters:S: croissants:S: crone:N:p cronies:S: crony:N:p cronyism:N:a crook:N:p crooked:J:
crookery:N: crooks:S: croon:V: crooned:D: crooner:N:p crooning:G: croons:P: crop:NRV:b cropped:DE: cropping:G: crops:SP: cross-bay:J: cross-blending:J:
cross-border:J: cross-buying:N: cross-connect:J: cross-cultural:JN: cross-currency:J: cross-currents:S: cross-dressing:J: cross-examination:N:w
cross-eyed:J: cross-fertilization:N:a cross-fertilized:E: cross-functional:J: cross-investing:JN: cross-investment:JN: cross-legged:J:
cross-licensing:NJ: cross-margining:JN: cross-market:J: cross-marketing:JG: cross-ownership:N: cross-party:J: cross-pollinated:E: cross-pollination:N:a
cross-promotion:N: cross-purchase:J: cross-purpose:N:k cross-purposes:S: cross-react:V: cross-referencing:N: cross-section:N: cross-sectional:JN:
cross-selling:N: cross-shareholdings:S: cross-state:J: cross-striations:S: cross-subsidies:S: cross-top:J: cross-trading:N: cross-writing:N:
cross:VJNR:x crossbars:S: crossborder:J: crosscurrents:S: crossed:DE: crosses:PS: crossfire:N:w crossing:GN:a crossings:S: crossover:N:s crossroad:N:x
crossroading:G: crossroads:SN:g crosswalk:N:x crossways:R: crosswise:R: crotch:N:u crotchety:J: crouch:NV:a crouched:DE: crouches:P: crouchin:J:
crouching:G: croupier:N:p crow:NV:n crowbait:N:n crowd:NV:g crowded:EDJ: crowding:G: crowds:SVP: crowed:DE: crowing:GN:w crown:NV:w crowned:E:
crowning:JG: crowns:S: crows:SP: crucial:J: crucially:R: crucible:N:x crucified:DE: crucifix:N:x crucifixion:N:a crucifying:G: crude-oil:NJ:
crude-steel:N: crude:NJ:x crudely:R: crudes:S: crudest:J: crudities:S: crudity:N:s cruel:J: cruelest:J: cruelly:R: cruelty:N:a cruise-ship:NJ:
cruise:NV:a cruiser:N:x cruisers:S: cruises:S: cruising:GN: crumble:V: crumbled:DEJ: crumbles:P: crumbling:GJ: crumbly:J: crumminess:N: crummy:J:
crumpled:JDE: crunch:NV:a crunched:D: crunches:S: crunchier:J: crunching:G: crupper:N:x crus:N:x crusade:N:a crusaded:E: crusader:N:p crusaders:S:
crusades:S: crusading:G: crush:NV:x crushed:EJD: crusher:N:x crushers:S: crushes:P: crushing:GJN:a crust:N:x crusts:S: crusty:J: crutch:N:x crutches:S:
crux:N:x cruzado:N: cruzados:S: cry:NV:w crying:GN:a cryostat:N:x crypt:N:x cryptic:J: cryptographers:S: cryptographic:J: crysanthemum:N:
crystal-lattice:JN: crystal:NJ:x crystalline:J: crystallite:N:x crystallites:S: crystallization:N:s crystallize:V: crystallized:DE: crystallizing:G:
crystallographers:S: crystallographic:J: crystallography:N:k crystals:S: cu:N:x cub:N:p cuba:N:l cubbyhole:N:x cubbyholes:S: cube:N:u cubed:E: cubes:S:
cubic:J: cubism:N:g cubist:J: cubists:S: cubs:S: cuckoo-bumblebee:N:n cuckoo:N:p cuckoos:S: cucumber:N:b cud:N:f cuddled:D: cuddly:J: cudgels:S:
cue-phrase:N: cue:N:w cued:D: cues:S: cuff-like:J: cuff:NV:x cufflink:N:x cufflinks:S: cuffs:S: cuirassiers:S: cuisine:N:f cul:N:x culinary:J: cull:V:
culled:E: culling:G: culminate:V: culminated:DE: culminates:P: culminating:G: culmination:N:t culpable:J: culprit:N:p culprits:S: cult:N:g cultist:N:p
cultivate:V: cultivated:EJD: cultivates:P: cultivating:G: cultivation:N:a cults:S: cultural-reform:N: cultural:J: culturally:R: culture:N:g
cultured:JE: cultures:S: cumara:N: cumbersome:J: cumin:N:b cumulate:V: cumulative:J: cumulatively:R: cumulus:N:x cunning:JN:k cunningly:R: cup:NV:x
cupboard:N:x cupboards:S: cupful:J: cupid:N:p cupids:S: cupped:DJ: cups:S: cur:N:n curative:J: curator:N:p curators:S: curb:VN:x curbed:ED: curbing:G:
curbs:S: curbside:NJ:x curd:N:f curdling:G: curds:S: cure-all:NJ:x cure:NV:x cured:ED: cures:SP: curettage:N:a curfew:N:t curing:GN:s curio:N:x
curiosities:S: curiosity:N:k curious:J: curiously:R: curl:V: curled:DE: curling:NG:a curls:SP: curly:J: currant:N:f currants:S: currencies:S:
currencny:N: currency-exchange:J: currency-market:J: currency-options:S: currency:N:m current-account:JN: current-carrying:J: current-coupon:J:
current-delivery:N: current-generation:JN: current-year:J: current:JN:s currently:RJ: currents:S: curricula:S: curricular:J: curriculum:N:w
curriculums:S: curry:VN:f curse:NV:w cursed:DE: curses:S: cursing:GN: cursory:J: curt:J: curtail:V: curtailed:ED: curtailing:G: curtailment:N:u
curtails:P: curtain-raiser:N: curtain:N:x curtained:J: curtains:S: curtly:R: curtness:N:u curtseyed:D: curvaceously:R: curvature:N:s curve:N:u
curved:JE: curves:S: curving:G: curvy:J: cushion:NV:x cushioned:ED: cushioning:NG:x cushions:S: cusp:N:x cuss:N:p custodial:J: custodian:N:p
custody:N:s custom-built:E: custom-chip:J: custom-design:J: custom-designed:J: custom-die:N: custom-fit:V: custom-made:JE: custom-make:V:
custom-tailored:J: custom:NJR:a customarily:R: customary:J: customer-account:N: customer-cost:N: customer-driven:J: customer-inventory:J:
customer-oriented:J: customer-service:JN: customer:N:p customers:S: customization:N: customized:EJ: customs-clearance:N: customs-cleared:J: customs:S:m
cut-and-dried:J: cut-and-paste:V: cut-down:J: cut-glass:J: cut-off:J: cut-price:J: cut-rate:J: cut-throat:J: cut:VDEJN:m cutback:N:a cutbacks:S:
cute:J: cuteness:N:u cuter:J: cutest:J: cutglass:J: cutlass:N:x cutlery:N:x cutlets:S: cutoff:NJ:q cutouts:S: cuts:SPN: cutsie:J: cutter:N:p cutters:S:
cutthroat:J: cutting-and-pasting:N: cutting-edge:JN: cutting-tools:S: cutting:GJN:a cuttings:S: cuvees:S: cyanide-laced:J: cyanide:N:x cycads:S:
cyclades:N:g cycle:NV:t cycled:E: cycles:SP: cyclical:J: cyclicality:N: cyclicals:S: cycling:NG:a cyclist:N:p cyclists:S: cyclohexanol:N:x
cyclorama:N:x cyclosporine:NJ: cylinder:N:u cylinders:S: cylindrical:J: cynic:NJ:p cynical:J: cynically:R: cynicism:N:s cynics:S: cypress-like:J:
cypress:N:b cyst:N:s cystic:J: cysts:S: cytolysis:N:s cytoplasm:N:x czar:N:p czars:S: czechoslovakia:N:l d-c:N: d:N:x da:N:p dab:N:a dabbed:D:
dabbing:G: dabble:V: dabbled:D: dabbler:N:p dabbles:P: dabbling:G: dabs:P: dachshounds:S: dack-rihs:S: dactyls:S: dad:N:p dada:N:p dadaism:N:g
daddy:N:p daffodil:N:b daffodils:S: daft:J: dagers:S: dagger:N:x daggerman:N: daguerreotypes:S: dailies:S: daily-wear:J: daily:JNR:w daintily:R:
dainty-legged:J: dainty:J: daiquiri:N:f dairies:S: dairy-oh:N: dairy:NJ:x dairyland:N: dairyman:N:p dairymen:S: dais:N:x daises:S: daisies:S: daisy:N:b
dales:S: dallas:N:l dalliances:S: dally:V: dam:NJU:x damage:NV:a damaged:EJD: damages:SP:m damaging:JG: damascus:N:l dame:N:p damed:DE: daminozide:N:x
dammed-up:E: dammed:D: dammit:UV: damn-the-torpedoes:J: damn:JNRVU:u damnation:N:w damned:JER: damning:G: damnit:U: damp:VJN:s damped:EDV: dampen:V:
dampened:DE: dampening:J: damper:N:x dampers:S: damping:GJ: dampness:N:s dams:S: damsel:N:p dance-committee:J: dance-theatre:J: dance:NV:w danced:DE:
dancelike:J: dancer:N:p dancers:S: dances:SP: dancing:NG:a dandelion:N:b dandily:R: dandy:J: dane:N:p dang:J: danged:E: danger:N:s dangerous:J:
dangerously:R: dangers:S: dangle:V: dangled:DE: dangles:P: dangling:GJ: danish:N:w dank:J: dante:N:p dapper:J: dappled:J: darbuka:N: dare:VMN:w
dared:DE: dares:P: darin:J: daring:JNG:w dark-blue:J: dark-brown:J: dark-gray:J: dark-green:J: dark-haired:J: dark-skinned:J: dark-squared:J:
dark:JNR:s darken:V: darkened:DEJ: darkening:G: darker:J: darkest:J: darkhaired:J: darkling:J: darkly:R: darkness:N:s darkroom:N:x darlin:N:
darling:NJ:p darlings:S: darn:JV: darned:R: dart-throwing:N: dart:NV:x dartboard:N:x darted:D: darting:G: darts:NS:a darwin:N:p das:S:n dash:NV:u
dashboard:N:x dashboards:S: dashed:EJD: dashes:SP: dashing:GJ: dastardly:J: data-base:JN: data-capture:J: data-collection:N: data-communications:S:
data-gathering:J: data-handling:N: data-processing:NJ: data-recording:N: data-service:J: data-storage:JN: data-storing:J: data-transmission:JN:
data:SN:g database:N:w databases:S: datadex:N: date:NV:t dated:EJD: datelined:ED: dates:SP: dating:GN:a datum:N:k daubed:D: daughter-in-law:N:p
daughter:N:p daughters:S: daunt:V: daunted:DEJ: daunting:JG: dauntless:J: dauphin:N:p davenport:N:l davits:S: dawdled:D: dawdling:G: dawn:NV:t
dawned:D: dawning:GN:t dawns:P: day-after-day:J: day-by-day:J: day-care:NJ: day-even:N: day-long:J: day-old:J: day-to-day:J: day-today:J: day-watch:N:
day:N:t daybed:N:x daybreak:N:t daydream:N:k daydreamed:D: daydreaming:N:k daylight:N:t daylights:S: daylong:J: days:S:t daytime:JN:t daze:N:s
dazed:JDE: dazzle:V: dazzled:EJ: dazzler:N: dazzles:P: dazzling:JG: dazzlingly:R: dc:N:l dd:D: de-emphasis:N: de-emphasize:V: de-emphasized:E:
de-facto:J: de-inking:J: de-iodinase:N:x de-iodinate:V: de-iodinated:E: de-iodinating:GJ: de-iodination:N:s de-leverage:V: de-linkage:N: de-listed:E:
de-stocking:N: de-worse-ification:N: de:IJ: dea:N:g deacon:N:p deactivated:E: deactivates:P: deactivation:N:a dead-end:J: dead-eyed:J: dead-weight:J:
dead:JNRE:g deadbeats:S: deadened:E: deader:J: deadhead:N:p deadheads:S: deadliest:J: deadline:N:t deadlines:S: deadliness:N:u deadlock:N:s
deadlocked:EJ: deadly:JR: deadness:N:u deadpan:J: deadweight:N: deadwood:N:b deaf:J: deafened:E: deafening:GJ: deafness:N:s deal-blocker:N:
deal-making:N: deal:NV:a dealer-community:J: dealer-led:J: dealer-manager:N: dealer-managers:S: dealer-related:J: dealer-to-dealer:JN: dealer:N:p
dealers:S: dealership:N:g dealerships:S: dealing:GN:a dealings:S:a dealmaker:N: dealmakers:S: deals:SP: dealt:ED: dean:N:p deans:S: dear:JNRU:p
dearer:J: dearest:J: dearly:R: dearth:N:s death-backed:J: death-benefit:J: death-like:J: death-locked:J: death-penalty:NJ: death-row:NJ:
death-sentence:N: death-trap:N: death-wish:N: death:N:a deathbed:N:t deathless:J: deathly:J: deaths:S: deathward:R: deathwatch:N:n debacle:N:a
debacles:S: debasement:N:s debasing:G: debatable:J: debate:NV:w debated:ED: debates:SP: debating:GJ: debauch:N:a debauchery:N:a debenture:N:m
debentures:S: debilitated:EJ: debilitating:J: debility:N:s debit:N:m debonair:J: debris:N:x debs:S:p debt-burdened:J: debt-ceiling:JN: debt-coverage:J:
debt-equity:JN: debt-financed:J: debt-financing:J: debt-for-environment:N: debt-free:J: debt-futures:S: debt-happy:J: debt-heavy:J: debt-induced:J:
debt-laden:J: debt-limit:N: debt-payment:JN: debt-portfolio:N: debt-rating:J: debt-reduction:NJ: debt-relief:N: debt-repayment:N: debt-restructuring:J:
debt-ridden:J: debt-riddled:J: debt-service:JN: debt-servicing:N: debt-to-assets:J: debt-to-equity:JN: debt:N:s debtholder:N: debtholders:S:
debtor-in-possession:N: debtor-nation:N: debtor:NJ:p debtors:S: debts:S: debugged:E: debunk:V: debunked:E: debunking:N:a debut:NV:a debutante:N:p
debuted:D: debuting:G: debuts:P: dec:N:t decade-long:J: decade-old:J: decade:N:t decadelong:J: decadence:N:s decadent:J: decades-old:J: decades:S:
decaffeinated:E: decal:N:x decametrina:N: decamped:D: decanted:E: decanting:G: decapitalize:V: decapitalized:J: decay:NV:s decayed:JDE: decaying:GJ:
decays:P: decease:N:a deceased:JNE:p decedent:N:p deceit:N:u deceitful:J: deceive:V: deceived:ED: deceives:P: deceiving:G: decelerate:V: decelerated:E:
decelerating:G: deceleration:N:u december:N:t decencies:S: decency:N:u decent:J: decently:R: decentralization:N:s decentralize:V: decentralized:JDE:
decentralizing:G: deception:N:w deceptive:J: deceptively:R: decertified:E: decertify:V: decide:V: decided:DEJ: decidedly:R: decidely:R: decides:P:
deciding:GJ: decimal:NJ:q decimals:S: decimated:ED: decimating:G: decimeter-wave-length:N: decimeter:N:q decions:S: decipher:V: deciphered:D:
decision-maker:N: decision-makers:S: decision-making:NJ: decision:N:a decisional:J: decisionmaking:N: decisions:S: decisive:J: decisively:R:
decisiveness:N:u deck:NV:x decked:E: deckhands:S: decking:NG: decks:S: declaimed:D: declamation:N:w declamatory:J: declaration:N:w declarations:S:
declarative:JN:z declaratory:J: declare:V: declared:DEJ: declares:P: declaring:G: declasse:J: declassifying:G: decline:NV:s declined:DE: decliners:S:
declines:SP: declining:GJN: declivity:N:x deco:N:g decoction:N:s decode:V: decolletage:N:x decommissioned:E: decommissoned:J: decompose:V:
decomposed:J: decomposes:P: decomposing:G: decomposition:N:k decompression:N:a decongestant:N:x deconstructed:J: decontaminated:E: decontamination:N:a
decontrol:NV: decor:N:x decorate:V: decorated:EDJ: decorating:NG: decoration:N:x decorations:S: decorative:J: decorativeness:N:u decorator:N:p
decorators:S: decorous:J: decorticated:E: decorum:N:u decoy:N:p decoys:S: decrease:NV:a decreased:DE: decreases:SVP: decreasing:G: decree:N:w
decreed:DE: decreeing:G: decrees:SP: decrement:N:u decrepit:J: decribed:D: decried:D: decries:P: decriminalization:N:a decriminalized:EJ: decry:V:
decrying:G: dedicate:V: dedicated:EJD: dedicates:P: dedication:N:u dedifferentiated:J: deduce:V: deduced:ED: deduces:P: deducing:G: deduct:V:
deductable:J: deducted:ED: deductibility:N: deductible:J: deductibles:S: deducting:G: deduction:N:m deductions:S: deductive:J: deed:N:w deeds:SP:a
deem:V: deemed:ED: deeming:G: deems:P: deep-discount:J: deep-eyed:J: deep-pocket:J: deep-pocketed:J: deep-rooted:J: deep-sea:J: deep-seated:J:
deep-set:J: deep-sounding:J: deep-space:J: deep-tendon:N: deep:JR: deepen:V: deepened:DE: deepening:G: deepens:P: deeper:JR: deepest:J: deeply:R:
deeps:S: deer-handling:N: deer-killing:N: deer:NS:n deerskins:S: def:JN: defaces:P: defacing:G: defamation:N:w defamatory:J: defamed:ED: default:NV:a
defaulted:DEJ: defaulters:S: defaulting:G: defaults:SP: defeat:NV:a defeated:ED: defeating:G: defeatism:N:s defeatists:S: defeats:SP: defecated:E:
defect:NV:s defected:DE: defecting:G: defection:N:a defections:S: defective:J: defector:N:p defectors:S: defects-office:N: defects:S: defend:V:
defendant:N:p defendants:S: defended:DE: defender:N:p defenders:S: defending:GJ: defends:P: defense-appropriations:J: defense-authorization:N:
defense-budget:N: defense-contract:N: defense-electronics:SJ: defense-equipment:J: defense-industry:JN: defense-oriented:J: defense-procurement:N:
defense-products:S: defense-related:J: defense-suppression:N: defense:N:a defenseless:J: defenses:S: defensible:J: defensive:JN:k defensively:R:
defensiveness:N:u defer:V: deference:N:a deferent:N: deferents:S: deferment:N:a deferments:S: deferred-maintenance:J: deferred:EDJ: deferring:G:
defers:P: defiance:N:u defiant:J: defiantly:R: deficiencies:S: deficiency:N:s deficient:J: deficit-cutting:JN: deficit-debt:N: deficit-racked:J:
deficit-reduction:NJ: deficit-ridden:J: deficit:N:u deficitcutting:N: deficits:S: defied:DE: defies:P: defile:V: defiles:P: defiling:G: definable:J:
define:V: defined-benefit:J: defined-contribution:N: defined:EJD: defines:P: defining:G: definite:J: definitely:R: definition:N:w definitional:J:
definitions:S: definitive:J: definitively:R: deflate:V: deflated:DJE: deflating:G: deflationary:J: deflationist:N: deflator:N:m deflators:S: deflect:V:
deflected:DE: deflecting:G: deflection:N:s deflects:P: defocusing:G: defoliation:N:s deforestation:N:s deformation:N:a deformational:J: deformed:JE:
deformities:S: deformity:N:s defraud:V: defrauded:DE: defrauding:G: defray:V: defrayed:E: deft:J: deftly:R: deftness:N:k defunct:JV: defunded:E:
defuse:V: defused:E: defy:V: defying:G: degassed:E: degeneracy:N:s degenerate:JV: degenerated:DE: degenerates:P: degeneration:N:s degenerative:J:
deglycerolized:E: degradation:N:a degrade:V: degraded:J: degrading:JG: degree-granting:J: degree:N:u degrees:S: dehumanised:E: dehumanize:V:
dehumanized:E: dehumidified:EJ: dehydrate:V: dehydrated:JE: dehydration:N:s deification:N:s deigned:D: deinstitutionalization:N: deities:S: deity:N:p
deja:NR: dejectedly:R: dejection:N:s del:T: delaware:N:x delay:NV:t delayed:EJD: delaying:GJ: delays:SP: delectable:J: delectably:R: delectation:N:s
delegate:NV:p delegated:E: delegates:S: delegating:G: delegation:N:g delegations:S: delete:V: deleted:ED: deleterious:J: deleting:G: deletion:N:s
deletions:S: deli:S:x deliberate:JV: deliberated:D: deliberately:R: deliberating:G: deliberation:N:w deliberations:S: deliberative:J: delicacies:S:
delicacy:N:u delicate:J: delicately-textured:J: delicately:R: delicatessen:N:f delicious:J: deliciously:R: delight:NV:s delighted:EJD: delightful:J:
delightfully:R: delighting:G: delights:PS: delimit:V: delimits:P: delineaments:S: delineate:V: delineated:E: delineating:G: delineation:N:w
delinking:N: delinquencies:S: delinquency:N:m delinquent:JN:p delinquents:S: deliriously:R: delirium:N:s delist:V: delisted:ED: delisting:NG:
deliver:V: deliverable:J: deliverance:N:a delivered:ED: deliverers:S: deliveries:SN: delivering:G: delivers:P: delivery:N:a delivre:V: dell:N:x
deloused:E: delousing:G: delphic:J: delta:NJ:x deltas:S: deltoid:N:x deltoids:S: delude:V: deluded:JD: deluding:G: deluge:N:q deluged:ED: delusion:N:s
delusions:S: deluxe:J: deluxer:N: delve:V: delved:E: delver:N: delves:P: delving:GN: demage:N: demagnification:N: demagogic:J: demagogue:N:p
demagoguery:N:w demagogues:S: demand-related:J: demand-supply:J: demand:NV:w demanded:DE: demander:N:p demanding:GJ: demandingly:R: demands:SP:
demarcated:E: demarcation:N:l demeaned:E: demeaning:J: demeanor:N:u demeanors:S: demeans:P: demented:JE: dementia:N:s demilitarize:V: demimonde:N:g
demineralization:N:s demise:N:t demo:N:w demobilize:V: demobilized:E: demobilizing:G: democracies:S: democracy-free:J: democracy:N:k democrat:N:p
democratic:J: democratically:R: democratization:N:a democratize:V: democratized:E: democratizing:G: democrats:S: demographic:J: demographically:R:
demographics:S: demography:N:k demolish:V: demolished:ED: demolishing:G: demolition:NJ:a demon-ridden:N: demon:N:p demonetized:E: demoniac:J:
demonic:J: demonize:V: demonized:E: demonizing:N: demonologist:N: demons:S: demonstators:S: demonstrable:J: demonstrably:R: demonstrate:V:
demonstrated:EDJ: demonstrates:P: demonstrating:G: demonstration:N:a demonstrations:S: demonstrative:N:w demonstratively:R: demonstrativeness:N:u
demonstratives:S: demonstrator:N:p demonstrators:S: demoralization:N:a demoralize:V: demoralized:EJ: demoralizes:P: demoralizing:G: demoted:ED:
demotion:N:a demur:V: demure:J: demurred:D: demurrer:N:w demurs:P: demythologization:N:w demythologize:V: demythologized:EJ: demythologizing:G: den:N:l
denationalization:N:a denationalizations:S: denationalized:E: denial:N:w denials:S: denied:ED: denies:P: denigrate:V: denigration:N:w denims:S:
denizens:S: denmark:N:l denominated:E: denomination:N:g denominational:J: denominationally:R: denominations:S: denominator:N:q denominators:S:
denote:V: denoted:ED: denotes:P: denoting:G: denouement:N:a denounce:V: denounced:DE: denounces:P: denouncing:G: dens:S: dense:J: densely:R:
denseness:N:k densest:J: densities:S: densitometry:N:a density:N:u dent:NV:s dental-products:S: dental:JN:w dented:DE: denting:G: dentist:N:p
dentistry:N:k dentists:S: dents:S: denture:N:x dentures:S: denuclearized:E: denude:V: denuded:E: denunciation:N:w denunciations:S: denver:N:l deny:V:
denyin:G: denying:GN: deodorant:NJ:x deoxyribonucleic:J: depart:V: departed:DJE: departing:G: department-store:NJ: department:N:g departmental:J:
departmentalizing:G: departments:S: departs:P: departure:N:a departures:S: depcreciation:N: depend:V: dependable:J: depended:DE: dependence:N:s
dependency:N:s dependent-care:J: dependent:JN:p dependents:S: depending:G: depends:P: depersonalization:N:s depersonalized:E: depict:V: depicted:ED:
depicting:G: depiction:N:w depictions:S: depicts:P: deplete:V: depleted:ED: depletes:P: depletion:N:a deplorable:J: deplorably:R: deplore:V:
deplored:D: deplores:P: deploring:G: deploy:V: deployable:J: deployed:ED: deploying:G: deployment:N:a deployments:S: deport:V: deportation:N:a
deportations:S: deported:ED: deportee:N:p deportees:S: depose:V: deposed:ED: deposit-transfer:N: deposit:NV:s depositary:NJ:x deposited:ED:
depositing:G: deposition:N:s depositions:S: depositor:N:p depositors:S: depository:NJ:x deposits:SP: depot:N:x depots:S: depraved:JE: depravities:S:
depravity:N:u deprecatory:J: depreciable:J: depreciated:D: depreciating:G: depreciation-induced:J: depreciation:N:a depredation:N:a depredations:S:
depress:V: depressant:N:x depressants:S: depressed:JDE: depresses:P: depressing:JG: depressingly:R: depression:N:s depressions:S: depressors:S:
deprivation:N:s deprivations:S: deprive:V: deprived:ED: deprives:P: depriving:G: deprogrammings:S: depth:N:u depths:S:l deputies:S: deputized:E:
deputy:NJ:p der:JN: derail:V: derailed:DE: derailing:G: derailments:S: deranged:JE: derangement:N:s derby:N:x dere:N: deregulate:VN: deregulated:EJD:
deregulating:G: deregulation:N:a deregulaton:N: derelict:NJ:p dereliction:N:u derelicts:S: deride:V: derided:DE: derision:N:w derisively:R:
derivation:N:l derivations:S: derivative:JN:k derivatives:S: derive:V: derived:ED: derives:P: deriving:G: dermal:J: dermatological:J: derogate:N:
derogation:N:w derogatory:J: derrick:N:x derriere:N:x derring-do:N:a derring:N: dervish-like:J: dervish:N:p dervishes:S: des:N:x descend:V:
descendant:N:p descendants:S:g descended:DE: descendent:N:p descendents:S: descending:G: descends:P: descent:N:a descents:S: describe:V: described:ED:
describes:P: describing:G: description:N:w descriptions:S: descriptive:J: desecrated:E: desecrates:P: desecration:N:a desegregate:V: desegregated:E:
desegregation:N:a desensitized:E: desert-battle:J: desert-bound:J: desert:NJV:l deserted:EDJ: desertification:N:s desertion:N:a deserts:SP: deserve:V:
deserved:DE: deserves:P: deserving:JN: deshabille:N:s design-conscious:J: design-side:J: design:NV:a designate:VJN: designated:EDJ: designates:P:
designating:G: designation:N:w designations:S: designed:ED: designees:S: designer:N:p designers:S: designing:G: designs:SP: desirability:N:u
desirable:J: desire:NV:s desired:EDJ: desires:SP: desiring:G: desirous:J: desist:V: desisted:D: desk-legs:N: desk-top:J: desk:N:x desklegs:S: desks:S:
desktop-computer:N: desktop-presentation:J: desktop-publishing:N: desktop:NJ:l desolate:J: desolation:N:s desolations:S: desorption:N:s despair:NV:s
despaired:D: despairing:JG: despairingly:R: despairs:P: despatch:N:w despatched:D: desperadoes:S: desperate:J: desperately:R: desperation:N:s
despicable:J: despise:V: despised:DE: despises:P: despite:I: despoiled:E: despoiler:N:p despoilers:S: despoiling:G: despondency:N:s despondent:J:
despot:N:p despotism:N:s despots:S: dessert-menu:N: dessert:N:f desserts:S: dessier:V: destabilize:V: destabilizes:P: destabilizing:GJ:
destigmatization:N: destination:N:l destinations:S: destined:E: destinies:S: destiny:N:a destitute:J: destroy:V: destroyed:EDJ: destroyer:N:x
destroyers:S: destroying:G: destroys:P: destruction:N:a destructive:J: desuetude:N:s desulfurization:N: desultory:J: desynchronizing:G: detach:V:
detachable:J: detached:EJD: detachment:N:s detail:NV:k detailed:EJD: detailing:G: details:SP:w detailsman:N: detain:V: detained:ED: detaining:G:
detect:V: detectable:J: detected:ED: detecting:GN:a detection:N:k detective-story:N: detective:N:p detectives:S: detector:N:x detectors:S: detects:P:
detente:N:a detention:N:s deter:V: deterence:N: detergency:N:u detergent:N:x detergents:S: deteriorate:V: deteriorated:EJD: deteriorates:P:
deteriorating:GJ: deterioration:N:s determinability:N: determinable:J: determinant:N:k determinants:S: determinate:J: determination:N:a
determinations:S: determinative:J: determine:V: determined:EDJ: determinedly:R: determines:P: determing:G: determining:GJN: determinism:N:k
deterministic:J: deterrant:J: deterred:ED: deterrence:N:k deterrent:N:k deterrents:S: deterring:G: deters:P: detest:V: detestable:J: detestation:N:s
detested:DE: detests:P: dethroned:E: detonate:V: detonated:ED: detonating:G: detonation:N:a detour:N:x detoured:DE: detours:S: detoxification:N:a
detoxify:V: detract:V: detracted:E: detracting:G: detractor:N:p detractors:S: detracts:P: detribalize:V: detriment:N:a detrimental:J: detriments:S:
detroit:N:l deuterated:D: deuterium:N:x deutsche:N: devaluation:N:a devaluations:S: devalue:V: devalued:DE: devastate:V: devastated:EDJ:
devastating:JG: devastatingly:R: devastation:N:s develop:V: developed:EJD: developer:N:p developers:S: developing-country:J: developing-nation:J:
developing:GJN:s development-aid:N: development:N:a developmental:J: developments:S: develops:P: deviance:N:s deviant:J: deviants:S: deviate:V:
deviated:DE: deviates:P: deviating:G: deviation:N:a deviations:S: device:N:x devices:S:k devil:N:p devilish:J: devilment:N:a devils:SP: devious:J:
devise:V: devised:ED: devisee:N:p devises:P: devising:G: devlopments:S: devoid:J: devote:V: devoted:EDJ: devotedly:R: devotee:N:p devotees:S:
devotes:P: devoting:G: devotion:N:s devotional:J: devotions:S: devour:V: devoured:ED: devouring:G: devours:P: devout:J: devoutly:R: dew-sodden:J:
dew:N:x dewar:N:x dewars:S: dewatering:G: dewdrops:S: deworm:V: dewy-eyed:J: dexamethasone:N:x dexterity:N:k dextrous-fingered:J: dextrous:J: dey:O:
dhow:N:x di-iodotyrosine:N:x diabetes:N:s diabetic:JN:p diabetics:S: diabolical:J: diachronic:J: diagnometer:N: diagnosable:J: diagnose:V:
diagnosed:ED: diagnoses:SP: diagnosing:GN:a diagnosis:N:a diagnostic:JN: diagnostician:N:p diagnosticians:S: diagnostics:S:k diagonal:J:
diagonalizable:J: diagonally:R: diagonals:S: diagram:N:x diagrammed:E: diagramming:G: diagrams:S: dial-a-banker:J: dial-tone:N: dial:NV:x dialect:N:w
dialectic:N:k dialectical:J: dialectically:R: dialectics:S:k dialects:S: dialed:DE: dialing:GN: dialogue:N:w dialogues:S: dials:SP: dialysis:N:a
dialyzed:ED: diam:N:u diameter:N:u diameters:S: diametrically:R: diamond-polishing:N: diamond-shaped:J: diamond-studded:N: diamond:N:m diamonds:S:
diaper-changing:J: diaper:N:x diapers:S: diaphanous:J: diaphragm:N:x diaphragmic:J: diaphragms:S: diaries:S: diarrhea:N:s diarrhoea:N:s diary:N:w
diathermy:N:a diathesis:N:s diatom:N:n diatomic:J: diatoms:S: diatribe:N:w diazepam:N:x dibenzofurans:S: dibs:S:w dicate:V: dice:SN:x dichondra:N:b
dichotomy:N:g dickens:N:w dicker:V: dickered:D: dickering:N: dicks:S: diclosed:E: dictate:V: dictated:ED: dictates:SP: dictating:GN: dictation:N:w
dictator:N:p dictatorial:J: dictators:S: dictatorship:N:g dictatorships:S: diction:N:w dictionaries:S: dictionary:N:w dictum:N:w did:D: didactic:J:
diddle:U: diddling:G: dideoxyinosine:N:x didn:D: die-dead:N: die-hard:J: die-hards:S: die-up:N: die:VN:x died:DE: diehard:J: diehards:S: diem:N:
dies:PS: diesel:NJ:p diesels:S: diet:NV:f dietary:J: dieters:S: diethylaminoethyl:N: diethylstilbestrol:N:x dieting:NG:a diets:S: diety:N: differ:V:
differed:DE: difference:N:u differences:S: different-color:J: different:J: differentiability:N: differentiable:J: differential:JN:k differentials:S:
differentiate:V: differentiated:EJD: differentiates:P: differentiating:G: differentiation:N:k differently:R: differing:GJ: differs:P: difficult:J:
difficulties:S: difficulty:N:a diffidence:N:s diffraction:N:s diffrunce:N: diffuse:JV: diffused:E: diffusely:R: diffusers:S: diffuses:P: diffusing:G:
diffusion:N:s dig:VN:l digest-size:J: digest:VN:w digested:E: digestibility:N:u digestible:J: digesting:G: digestion:N:s digestive:J: digger:N:p
diggers:S: digging:GN:a digit:N:q digital:J: digitalis:N:x digitalization:N:a digitalized:J: digitizes:P: digits:S: dignified:EJ: dignifies:P:
dignify:V: dignitaries:S: dignitary:N:p dignity:N:u digress:V: digressions:S: digs:PS:x diisocyanate:N: dike:N:p diktat:J: dilapidated:JE:
dilatation:N:s dilate:V: dilated:E: dilates:P: dilating:G: dilation:N:w dilemma:N:k dilemmas:NS: dilettante:N:p diligence:N:u diligent:J: diligently:R:
dill:N:b diluents:S: dilute:VJ: diluted:EJD: dilutes:P: diluting:G: dilution:N:x dilutive:J: dim-witted:J: dim:J: dime:N:m dimension:NV:u
dimensional:J: dimensionally:R: dimensioning:JG: dimensions:S: dimer:N:x dimers:S: dimes:S: dimesize:J: dimethylglyoxime:N:x diming:GN: diminish:V:
diminished:EJD: diminishes:P: diminishing:G: diminution:N:s diminutive:J: dimly-outlined:J: dimly:R: dimmed:ED: dimmer:RJ: dimming:G: dimwits:S:
dimwitted:J: din:N:a dine:V: dined:DE: diner:N:p diners:S: dines:P: dinghy:N:x dingo:N:n dingy:J: dining-room:N:x dining:NJG:a dinkiest:J:
dinner-hour:J: dinner:N:f dinners:S: dinnertime:N:t dinnerware:N:x dinosaur:N:n dinosaurs:S: diocesan:J: diocese:N:l dioceses:S: diocs:S: diorah:N:
dioramas:N: dioxalate:N: dioxide:N:x dioxin:N:x dioxins:S: dip:NV:u diphosphopyridine:J: diphtheria:N:s diploma:N:w diplomacy:N:w diplomas:S:
diplomat:N:p diplomatic:J: diplomatically:R: diplomats:S: dipole:JN:x dipoles:S: dipotassium:N: dipped:DE: dipper:N:x dipping:G: dippy:J: dips:S:
dire:J: direct-investment:J: direct-line:J: direct-mail-mogul:N: direct-mail:JN: direct-marketed:J: direct-marketing:N: direct-seller:N:
direct-selling:J: direct-steelmaking:N: direct-sum:N: direct:JVR: directed:EDJ: directing:GN: direction:N:l directional:J: directionality:N:u
directionally:R: directionless:J: directionlessness:N: directions:S: directive:N:w directives:S: directivity:N:u directly:R: directmail:N:
directness:N:u director-general:N: director:N:p directorate:N:g directorial:J: directories:S: directors:S: directorship:N:a directory:NJ:w
directrices:S: directs:P: dirge:N:w dirhams:S: dirt-catcher:N: dirt:NJ:x dirtier-running:J: dirtier:J: dirtiest:J: dirty:JV: disabilities:S:
disability:N:s disable:V: disabled-workers:S: disabled:JNE:g disabling:G: disabuse:V: disadvantage:N:u disadvantaged:J: disadvantageous:J:
disadvantages:S: disaffected:J: disaffection:N:s disaffiliate:V: disaffiliated:J: disaffiliation:N: disagree:V: disagreeable:J: disagreed:DE:
disagreement:N:s disagreements:S: disagrees:P: disallow:V: disallowance:N: disallowed:DE: disappear:V: disappearance:N:a disappearances:S:
disappeared:DE: disappearing:G: disappears:P: disappoint:V: disappointed:EJD: disappointing:J: disappointingly:R: disappointment:N:s disappointments:S:
disappoints:P: disapprobation:N:w disapproval:N:s disapprove:V: disapproved:DE: disapproves:P: disapproving:J: disapprovingly:R: disarm:V:
disarmament:N:a disarmed:JE: disarming:GJ: disarmingly:R: disarranged:E: disarray:N:k disassemble:V: disassembled:D: disassembly:N:a disassociate:V:
disassociated:D: disaster-assistance:J: disaster-contingency:N: disaster-prone:J: disaster-recovery:JN: disaster-subsidy:J: disaster:N:s disasters:S:
disastrous:J: disastrously:R: disavowed:D: disband:V: disbanded:EDJ: disbanding:GN: disbelief:N:k disbelieve:V: disbelieved:D: disbelieves:P:
disbelieving:G: disburden:V: disbursed:ED: disbursement:N:m disbursements:S: disburses:P: disbursesments:S: disc:N:x discard:V: discarded:ED:
discern:V: discernable:J: discerned:E: discernible:J: discerning:J: discernment:N:k discerns:P: discharge:NV:a discharged:ED: discharges:SP:
discharging:G: discimination:N: disciple:N:p disciples:S: discipleship:N:a disciplinary:J: discipline:NV:k disciplined:EDJ: disciplines:S:
disciplining:G: disclaimed:D: disclaimer:N:w disclaimers:S: disclaims:P: disclose:V: disclosed:EJD: discloses:P: disclosing:G: disclosure:N:w
disclosures:SP: disco:N:w discography:N:w discoid:J: discolored:EJ: discolors:P: discombobulation:N:s discomfit:V: discomfited:J: discomfort:N:s
disconcert:V: disconcerting:JG: disconcertingly:R: disconnect:V: disconnected:EJ: disconnecting:G: discontent:N:s discontented:J: discontinuance:N:a
discontinuation:N:a discontinue:V: discontinued:EJD: discontinuing:G: discontinuity:N:s discontinuous:J: discord:N:s discordant:J: discordantly:R:
discorporate:JV: discorporated:E: discos:S: discotheque:N:x discotheques:S: discount-borrowing:N: discount-brokerage:N: discount-coupon:N:
discount-movie:J: discount-rate:J: discount-retailing:N: discount-store:NJ: discount-toy:J: discount:NVJ:a discounted:EJD: discounter:N:x
discounters:S: discounting:NG: discounts:SP: discourage:V: discouraged:EDJ: discouragement:N:s discourages:P: discouraging:GJ: discourse:NV:w
discourses:S: discourteous:J: discover:V: discovered:EJD: discoverer:N:p discoveries:S: discovering:G: discovers:P: discovery:N:a discredit:VN:s
discredited:EJ: discrediting:NG: discreet:J: discreetly:R: discrepancies:S: discrepancy:N:u discrepencies:S: discrepency:N: discrete:J: discretion:N:s
discretionary:J: discriminate:VJ: discriminated:DJNV: discriminates:SP: discriminating:GJ: discrimination:N:a discriminatory:J: discs:S: discursive:J:
discursiveness:N:u discus:N:a discuss:V: discussant:N:p discussed:ED: discusses:P: discussing:G: discussion:N:w discussions:S: disdain:NV:s
disdained:E: disdainful:J: disdainfully:R: disdaining:G: disdains:P: disease-fighting:J: disease-resistance:J: disease-resistant:J: disease:N:s
diseased:J: diseases:S: disembark:V: disembarked:D: disembarking:G: disembodied:J: disenchanted:EJ: disenfranchised:E: disenfranchisement:N:a
disengage:V: disengaged:E: disengagement:N:a disentangle:V: disentangling:G: disfavor:N:s disfavored:J: disfigured:DEJ: disgorge:V: disgorgement:N:a
disgrace:N:s disgraced:E: disgraceful:J: disgruntled:JE: disguise:VN:u disguised:EDJ: disguises:PS: disgust:N:s disgusted:EJ: disgusting:J: dish:NV:x
disharmony:N:u dishearten:V: disheartened:E: disheartening:J: dished:D: dishes:SP: disheveled:J: dishing:G: dishonest:J: dishonestly:R: dishonesty:N:u
dishonor:NV:s dishonorable:J: dishonored:E: dishonouring:G: dishwasher:N:x dishwashers:S: dishwater:N:x disillusioned:EJ: disillusioning:J:
disillusionment:N:k disincentive:N:k disincentives:S: disinclination:N:s disinclined:EJ: disinfectant:N:x disinfectants:S: disinfected:E:
disinflation:N:s disinflationary:J: disingenuous:J: disintegrate:V: disintegrated:D: disintegrating:G: disintegration:N:s disintegrative:J:
disinterest:N:k disinterested:J: disinterred:E: disjointed:EJ: disk-drive:NJ: disk-read:J: disk:N:u diskette:N:x diskettes:S: disking:G: disks:S:
dislike:NV:k disliked:DJE: dislikes:PNS: disliking:G: dislocated:J: dislocation:N:a dislocations:S: dislodge:V: dislodged:DE: disloyal:J:
disloyalty:N:u dismal:J: dismally:R: dismantle:V: dismantled:ED: dismantles:P: dismantling:GN:a dismay:N:s dismayed:EJ: dismaying:J: dismember:V:
dismembered:D: dismembering:G: dismemberment:N:a dismiss:V: dismissal:N:a dismissed:DE: dismisses:P: dismissing:G: dismounted:DE: dismounting:G:
dismounts:P: disobedience:N:a disobedient:J: disobey:V: disobeyed:ED: disobeying:G: disorder:NV:s disordered:JE: disorderliness:N:s disorderly:J:
disorders:S: disorganization:N:s disorganized:JE: disoriented:EJ: disown:V: disowned:DE: disparage:V: disparaged:DE: disparagement:N:w disparaging:G:
disparate:J: disparities:S: disparity:N:u dispassionate:J: dispassionately:R: dispatch:NV:w dispatched:DE: dispatchers:S: dispatches:S: dispatching:G:
dispel:V: dispell:V: dispelled:ED: dispensable:J: dispensary:N:x dispensation:N:a dispense:V: dispensed:ED: dispenser:N:x dispensers:S: dispenses:P:
dispensing:GN: dispersal:N:a dispersant:N: dispersants:S: disperse:V: dispersed:EJD: dispersement:N: dispersing:G: dispersion:N:a displace:V:
displaced:ED: displacement:N:a displaces:P: displacing:NG: display:NV:w displayed:ED: displaying:G: displays:SP: displeased:EJ: displeases:P:
displeasure:N:s disposable:JN:x disposables:S: disposal:N:u disposals:S: dispose:V: disposed:EJD: disposes:P: disposing:G: disposition:N:u
dispositions:S: dispossessed:EJ: dispossession:N:a disppointed:J: disproportionally:R: disproportionate:J: disproportionately:R: disprove:V:
disproving:G: disputable:J: dispute-settlement:JN: dispute:NV:w disputed:EDJ: disputes:SP: disqualification:N:u disqualified:ED: disqualify:V:
disquiet:N:s disquieting:J: disquietude:N:s disquisition:N:w disregard:NV:k disregarded:DE: disregarding:G: disrepair:N:s disreputable:J: disrepute:N:s
disrespect:N:w disrobe:V: disrupt:V: disrupted:EJD: disrupting:G: disruption:N:a disruptions:S: disruptive:J: disrupts:P: dissatisfaction:N:s
dissatisfactions:S: dissatisfied:JE: dissected:DE: dissecting:G: dissection:N:a dissects:P: dissembling:G: disseminate:V: disseminated:E:
disseminates:P: disseminating:G: dissemination:N:w dissension:N:w dissensions:S: dissent:NV:w dissented:DE: dissenter:N:p dissenters:S: dissenting:JG:
dissents:S: disseration:N: disservice:N:a dissident-shareholder:N: dissident:JN:p dissidents:S: dissimilar:J: dissimiliar:J: dissimulation:N:a
dissipate:V: dissipated:ED: dissipates:P: dissipating:G: dissociate:V: dissociated:E: dissociates:P: dissociating:G: dissociation:N:a dissolution:N:s
dissolutions:S: dissolve:VN:w dissolved:ED: dissolves:P: dissolving:GJ: dissonance:N:s dissonances:S: dissuade:V: dissuaded:DE: distal:J: distance:NV:u
distances:SP: distancing:GN: distant:J: distantly:R: distaste:N:s distasteful:J: distastefully:R: distate:N: distension:N:a distil:V: distillates:S:
distillation:N:s distilled:EJ: distiller:N:p distilleries:S: distillers:S: distillery:N:x distilling:GN: distills:P: distinct:J: distinction:N:k
distinctions:S: distinctive:J: distinctively:R: distinctiveness:N:u distinctly:R: distinctness:N:u distinguish:V: distinguishable:J: distinguished:EJD:
distinguishes:P: distinguishing:GJ: distort:V: distortable:J: distorted:EDJ: distorting:G: distortion:N:a distortions:S: distorts:P: distract:V:
distracted:ED: distractedly:R: distracting:GJ: distraction:N:k distractions:S: distraught:J: distress:N:s distressed:JE: distresses:SP: distressing:J:
distressingly:R: distributable:J: distribute:V: distributed:EDJ: distributer:N:p distributes:P: distributing:GN: distribution:N:k distributions:S:
distributive:J: distributor:N:p distributors:S: distributorship:N: district-by-district:R: district-court:N: district:NJ:l districting:N: districts:S:
distrubition:N: distrust:NV:k distrusted:ED: distrusts:P: disturb:V: disturbance:N:a disturbances:S: disturbed:EDJ: disturber:N:p disturbing:JG:
disturbingly:R: disturbs:P: disulfide:N: disunion:N:a disunited:E: disunity:N:s disused:J: ditch:N:x ditched:D: ditcher:N: ditches:SP: dither:N:s
dithering:G: dithers:P: ditties:S: ditto:N:w ditty:N:w diuretic:NJ:x diuretics:S: diurnal:J: diva:N:p divan-like:J: divan:N:x divans:S: dive:NV:x
dived:DE: diver:N:p diverge:V: divergence:N:a divergent:J: diverging:G: divers:SJ: diverse:J: diversifed:E: diversification:N:a diversifications:S:
diversified:JDE: diversify:V: diversifying:G: diversion:N:a diversionary:J: diversions:S: diversities:S: diversity:N:u divert:V: diverted:ED:
diverticulitis:N:s divertimento:J: diverting:G: dives:SP: divest:V: divested:EJD: divesting:G: divestiture-related:J: divestiture:N:w divestitures:S:
divestment:N: divide:VN:s divided:EDJ: dividend-capture:N: dividend-related:J: dividend:N:m dividends:S: divider:N:p divides:P: dividing:G:
divination:N:w divine:JN:p divinely:R: diving:GJN:a divining:G: divinities:S: divinity:N:p divisible:J: division:N:g divisional:J: divisions:S:
divisive:J: divisiveness:N: divorce:NV:a divorced:EJD: divorcee:N:p divorces:S: divulge:V: divulging:G: divvied:E: divvying:G: dizzily:R: dizziness:N:s
dizzy:J: dizzying:JG: do-everything:J: do-good:J: do-gooder:JN:p do-gooders:S: do-it-yourself:J: do-nothing:J: do-or-die:J: do:VNSP:a doable:J: doan:V:
doble:N: doc:N:p docile:J: docilely:R: dock-siders:S: dock:NV:x docked:E: docket:N:w docketed:E: dockets:S: docks:S: dockside:N:l dockworkers:S:
dockyards:S: docters:S: doctor-oriented:J: doctor-originated:J: doctor-patient:J: doctor:NV:p doctoral:J: doctorate:N:w doctorates:S: doctored:E:
doctoring:N: doctors:S: doctrinaire:JN:p doctrinal:J: doctrinally:R: doctrine:N:k doctrines:S: docudrama:N:w docudramas:S: document:NV:w
documentaries:S: documentary-type:J: documentary:NJ:w documentation:N:w documented:ED: documenting:G: documents:SP: docutainment:N: doddering:J:
dodge:VN:k dodged:DE: dodging:G: doe:N:g doer:N:p doers:S: does:P: doffing:G: dog-and-pony:N: dog-eared:J: dog-eat-dog:J: dog-meat:N: dog-pin:J:
dog-powered:J: dog-rose:N: dog:NV:n dogcatcher:N: dogfight:N:a dogged:EJD: doggedly:R: doggerel:N:w doggie:J: dogging:G: doggone:JU: doghouse:N:x
dogleg:N:u dogma:N:w dogmas:NS: dogmatic:J: dogmatically:R: dogmatism:N:k dogs:SP: dogtrot:N:a dogwood:N:b doin:G: doing:G: doings:S:a doldrums:SN:s
dole:VN:m doled:DE: doleful:J: doles:P: doling:G: doll-like:J: doll-sized:J: doll:N:x dollar-and-cents:J: dollar-convertible:J: dollar-cost:JN:
dollar-denominated:J: dollar-mark:N: dollar-priced:J: dollar-profits:J: dollar-related:J: dollar-sellers:S: dollar-selling:N: dollar-sign:N:
dollar-yen:J: dollar:N:q dollarette:J: dollars-and-cents:S: dollars:S: dolledup:J: dollies:S: dollop:N:q dollops:S: dolls:S: dolphin:N:n dolphins:S:
dolt:N:p doltish:J: domain:N:s domains:S: dome:N:u domed:J: domes:S: domestic-airline:N: domestic-credit:N: domestic-demand:J: domestic-inflation:N:
domestic-made:J: domestic-policy:JN: domestic-production:N: domestic:JN:p domestically:R: domesticates:P: domesticity:N:u domicile:N:l domiciled:E:
dominance:N:u dominant:J: dominantly:R: dominate:V: dominated:ED: dominates:P: dominating:GJ: domination:N:a domineering:GJ: dominion:N:s domino:N:p
dominoes:N:a domponents:S: don:VN:p donate:V: donated:ED: donates:P: donating:G: donation:N:m donations:S: done-and:C: done-unto:J: done:EJRD:
donkey:N:w donkeys:S: donna:N:p donned:D: donning:G: donnybrook:N: donor:N:p donors:S: dons:PS: donut-sales:J: donut:N:f doo:NV: doodads:S: doom:NV:a
doomed:EDJ: dooming:G: dooms:S: doomsayer:N: doomsayers:S: doomsday:N:t door-frame:N: door-fronted:E: door-to-door:JN: door:NR:x doorbell:N:x
doorhandle:N:x doorkeeper:N:p doorknob:N:x doorman:N:p doormen:S: doors:S: doorstep:N:x doorway:N:x doorways:S: dooryard:N:x dope-ridden:J: dope:N:x
doped:J: doper:N: dorm:N:x dormant:J: dormitories:S: dormitory:N:x dosage:N:q dosages:S: dose:N:x dosed:ED: doses:S: dossier:N:w dossiers:S: dost:V:
dot-matrix:N: dot:NV:u doted:E: doth:P: doting:GJ: dots:S: dotted:EDJ: dotting:GN: double-billing:G: double-bladed:J: double-bogeyed:D: double-bolt:V:
double-breasted:J: double-checking:N: double-coupon:N: double-crossed:D: double-crosser:J: double-crossing:N:a double-deck:JV: double-decker:J:
double-decking:N: double-digit:JN: double-edged:J: double-entendre:N: double-glaze:V: double-glazed:J: double-hamburger:N: double-header:N:
double-helix:J: double-jeopardy:N: double-married:J: double-meaning:N: double-stage:J: double-step:J: double-talk:N: double-valued:J: double-wall:J:
double-whammy:N: double-wing:J: double:JVNR:a doubled-edged:J: doubled:DE: doubleheader:N:a doubles:SP:a doubling:GN:s doubloon:N:m doubly:R:
doubt:NVR:k doubte:N: doubted:DE: doubter:N:p doubters:S: doubtful:J: doubtfully:R: doubting:GJ: doubtingly:R: doubtless:R: doubtlessly:R: doubts:SP:
dough:N:f doughnut:N:u doughty:J: dour:J: dourly:R: douse:V: doused:DE: dove:ND:n doves:S: dovetail:V: dovetails:P: dovish:J: dowdy-looking:J: dowdy:J:
dowel:N:x doweling:N:a dower:N:m down-and-out:J: down-and-outers:S: down-down:J: down-home:J: down-payment:N: down-payments:S: down-the-line:J:
down-to-earth:J: down:RVIJN:n downbeat:JN:w downcast:J: downdraft:N:s downed:DE: downer:N:x downfall:N:a downgrade:NV:u downgraded:DE: downgrades:S:
downgrading:NG: downgradings:S: downhill:RJ: downing:G: downpayment:N: downpayments:S: downplay:V: downplayed:D: downplaying:G: downplays:P:
downpour:N:s downright:RJ: downs:S: downshoot:N: downside:NJ:k downsize:V: downsized:E: downsizing:GN:a downstairs:NR: downstream:RJ: downtalking:J:
downtime:N:t downtown:NJR:l downtrend:N: downtrodden:J: downturn:N:a downturns:S: downward:JR: downwind:RJ: dowry:N:m doxepin:N:x dozed:D: dozen:N:q
dozens:S:q dozing:G: drab-haired:J: drab:J: drachma:N:q drachmas:SN: draconian:J: draft-avoidance:N: draft-resistance:N: draft:NJV:m drafted:ED:
draftee:N:p draftees:S: drafters:S: drafting:GN:a drafts:S: draftsmen:S: drafty:J: drag-down:J: drag:NV:s dragged:ED: dragger:N:p dragging:GN:
dragnet:N:g dragon:N:p dragons:S: dragoon:V: dragooned:D: drags:P: drahve:V: drain:NV:a drainage:N:a drained:ED: draining:GN: drains:SP: dram:N:q
drama-filled:J: drama:N:w dramas:N: dramatic:J: dramatical:J: dramatically:R: dramatics:S:a dramatist:N:p dramatists:S: dramatization:N:a
dramatizations:S: dramatize:V: dramatized:E: dramatizes:P: dramatizing:G: drank:D: drape:NV:x draped:DJE: draper:N:p draperies:S: drapers:S:
drapery:N:x drapes:S: draping:G: drastic:JR: drastically:R: draught:N:f draughts:NS:a draughty:J: draw-down:N: draw:VN:x drawback:N:u drawbacks:S:
drawbridge:N:x drawdown:N: drawer:N:x drawers:S:x drawin:G: drawing-room:N: drawing-rooms:S: drawing:GJN:w drawings:S: drawl:N:w drawled:D: drawling:G:
drawn-back:N: drawn-out:J: drawn:EJ: draws:PS: dread:NJ:s dreaded:EDJ: dreadful:JN: dreadfully:R: dreading:G: dream-ridden:J: dream:NV:k dreamed:DE:
dreamer:N:p dreamers:S: dreamin:N: dreaming:GN:k dreamless:J: dreamlessly:R: dreamlike:J: dreams:SP: dreamt:DE: dreamy:J: drearier:R: dreariness:N:u
dreary:J: dredged:D: dredges:P: dregs:S:x drenching:N:a dress:NV:x dressed:EJD: dresser:N:x dressers:S: dresses:SP: dressing:NGJ:f dressings:S:
dressmaking:N:a dressy:J: drew:D: drewe:D: drib-drool:N: dribble:N:a dribbled:D: dried-out:J: dried-up:J: dried:EDJ: drier:NJR:x driers:S: dries:SP:
drift-net:NJ: drift:NV:s drifted:DE: drifter:N:p driftin:G: drifting:GJN:a driftnet:N: drifts:PS: driftwood:N:x drill-bit:N: drill:NV:x drilled:ED:
drillers:S: drilling:NJG:a drills:SP: drink:NV:f drinkable:J: drinker:N:p drinkers:S: drinking-water:N: drinking:NJG:a drinks:SP: drip:N:a dripped:D:
dripping:G: drips:P: drive-in:N:x drive-through:J: drive-train:N: drive-yourself:J: drive:NV:a driven:EJ: driver:N:p drivers:S: drives:SP: driveway:N:x
driveways:S: driving:GJN:a drizzle:N:s drizzling:GJ: drizzly:J: dromozoa:S: dromozootic:J: drone:NJ:n drones:S: drooled:D: drooling:G: droop:VN:u
drooped:D: drooping:G: droopy-eyed:J: drop-block:N: drop-in:J: drop-off:NJ:s drop-out:J: drop:NJV:u droped:D: droplet:N:q droplets:S: dropoff:N:
dropoffs:S: dropout:N:p dropouts:S: droppable:J: dropped:DE: dropper:N:x droppers:S: dropping:GN: droppings:S:x drops:PS: dross:N:x drought-induced:J:
drought-inspired:J: drought-ravaged:J: drought-related:J: drought-seared:J: drought-shriveled:J: drought-stricken:J: drought-stunted:J: drought:N:s
droughts:S: drouth:N:t drove:DN:g drover:N:p drovers:S: droves:S: drown:V: drowned:EJD: drowning:G: drownings:S: drowns:P: drowsed:E: drowsily:R:
drowsiness:N:s drowsing:G: drowsy:J: drubbed:E: drubbing:N:a drudgery:N:a drug-abuse:JN: drug-addled:J: drug-approval:J: drug-bill:N: drug-cartel:J:
drug-consuming:J: drug-dealing:JN: drug-delivery:J: drug-education:N: drug-enforcement:J: drug-fighting:J: drug-financed:J: drug-free:J:
drug-funding:N: drug-industry:N: drug-infested:J: drug-interdiction:NJ: drug-laden:J: drug-law:N: drug-making:J: drug-policy:N: drug-pricing:N:
drug-pushing:J: drug-related:J: drug-sales:S: drug-seeking:J: drug-sensing:J: drug-smuggling:J: drug-store:N: drug-supply:J: drug-testing:N:
drug-traffickers:S: drug-trafficking:JGN: drug-treatment:NJ: drug:N:x drugged:EJ: druggers:S: druggies:S: drugging:G: druggist:N:p druggists:S:
drugless:J: drugs:S: drugstore:N:x drugstores:S: drugtrafficking:N: drum:VN:x drumbeat:N:a drumbeating:N: drumhead:N:x drumlin:N:x drummed:DE:
drummer:N:p drummers:S: drumming:G: drumroll:N: drums:S: drumsticks:S: druncke:DJ: drunk-and-disorderlies:S: drunk-and-disorderly:N:p drunk-driving:J:
drunk:JNE:p drunkard:N:p drunkards:S: drunken:J: drunkenly:R: drunkenness:N:s drunker:J: drunks:S: druther:V: dry-dock:N: dry-eyed:J: dry-gulchin:N:
dry-ice:J: dry:JRV: dryer:N:x drygoods:N:x dryin:G: drying:GN: dryly:R: dryness:N:s drywall:NV:x dthat:I: dual-career:J: dual-channel:J: dual-ladder:J:
dual-purpose:J: dual-road-up:N: dual-trading:N: dual:J: dualism:N:k dualities:S: dubbed:ED: dubious:J: dubiously:R: dublin:N:l dubs:P: duck:NV:n
ducked:D: ducking:G: duckling:N:f ducklings:S: ducks:SP: duct:N:x ducts:S: ductwork:N: dud:N:p dudgeon:N:s duds:S:x due-diligence:J: due-process:N:
due:JINRS:u duel:N:a dueled:D: dueling:GN: duelist:N:p duels:S: dues:S: duet:N:q duets:S: duffel:N:x duffer:N:p duffers:S: dug:DE: dugout:N:x duke:N:p
dulcet:J: dull-gray:J: dull:J: dullard:N:p dulled:E: duller:JR: dullest:J: dulling:G: dullish:J: dullness:N:k dulls:P: dully:R: duly:R: dumb:J:
dumbbell:N:x dumbbells:S: dumber:J: dumbest:J: dumbfounded:JE: dummies:S: dummy:JN:p dump:VN:s dumped:DE: dumping:GN:a dumps:PS:s dumpster:N:x
dumpsters:S: dumpy:J: dun:N:n dune-grass:N: dune:N:x dunes:S: dung:N:x dungarees:S: dungeon:N:x dungeons:S: dunk:NV:a dunked:D: dunks:P: duo:N:q
duodenal:J: duopoly:R: duped:E: dupes:P: duplex:NJ:x duplicable:J: duplicate:VJ: duplicated:E: duplicates:P: duplicating:G: duplication:N:x
duplications:S: duplicative:J: duplicity:N:w durability:N:u durable-goods:S: durable:J: durables:S:x duration:N:t durations:S: duress:N:u durin:NI:
during:I: durn:J: dusk:N:t dusky:J: dust-settling:J: dust-swirling:J: dust-thick:J: dust-up:N: dust:NV:x dustbin:N:x dustbowl:N: dusted:ED: dustin:G:
dusting:GN: dustjacket:N: dustpanful:N:q dusts:S: dusty-green:J: dusty-slippered:J: dusty:J: duties:S: dutiful:J: dutifully:R: duty-free:J: duty:N:a
dwarf:NV:p dwarfed:ED: dwarfism:N:s dwarfs:PS: dwell:V: dwelled:E: dweller:N:p dwellers:S: dwelling:NG:x dwellings:S: dwells:P: dwelt:D: dwindle:V:
dwindled:DE: dwindles:P: dwindling-sales:J: dwindling:G: dye:NV:x dyed-in-the-wool:J: dyed:E: dyeing:N:a dyes:S: dying:GJN:t dykes:S: dynamic:JN:k
dynamical:J: dynamically:R: dynamics:S:k dynamism:N:k dynamite:NJ:x dynamited:E: dynamo:N:x dynamos:S: dynastic:J: dynasties:S: dynasty:N:g dynodes:S:
dysentery:N:s dysfunction:N:s dysgenic:J: dyslexia:N:s dyspeptic:J: dysplasia:N:s dystopia:N:s dystopian:J: dystopias:S: dystrophy:N:s e:N:x each:T:
eager:J: eagerly:R: eagerness:N:s eagle-eyed:J: eagle:N:n eagles:S: ear-piercing:J: ear-splitting:J: ear:N:x eardrums:S: eared:J: earful:N:w earl:N:p
earlier-announced:J: earlier-expressed:J: earlier-period:N: earlier-reported:J: earlier-than-expected:J: earlier-the:I: earlier:RJN: earliest:JR:
early-childhood:N: early-departure:N: early-morning:JN: early-retirement:NJ: early-season:J: early-warning:N: early:JR: earmark:V: earmarked:ED:
earmarking:G: earn:V: earned-income:N: earned-run:J: earned:DJE: earner:N:p earners:S: earnest:NJ:m earnestly:R: earnestness:N:s earnigs:S: earning:GN:
earnings-driven:J: earnings-forecast:J: earnings-growth:NJ: earnings-limit:J: earnings-per-share:J: earnings-related:J: earnings:SN:m earns:P:
earphone:N:x earphones:S: earring:N:x earrings:S: ears:S: earsplitting:J: earth-bound:J: earth-colored:J: earth-moving:J: earth-orbiting:J:
earth-shattering:J: earth-tone:N: earth-touching:J: earth:N:x earthbound:J: earthenware:N:x earthlings:S: earthly:J: earthman:N:p earthmoving:JN:
earthquake-proof:J: earthquake-ravaged:J: earthquake-related:J: earthquake-resistant:J: earthquake-stricken:J: earthquake-trained:J:
earthquake-triggered:J: earthquake:N:a earthquakes:S: earthshaking:J: earthworm:N:n earthworms:S: earthy:J: earworm:N: ease:VN:u eased:DE: easel:N:x
easement:N:u easements:S: eases:P: easier-to-read:J: easier:JR: easiest:J: easily:R: easing:GJN:a east-to-west:R: east-west:J: east:JNR:z easter:N:t
eastern:J: eastward:R: easy-going:J: easy-to-film:J: easy-to-operate:J: easy-to-reach:J: easy-to-read:J: easy-to-spot:J: easy-to-turn:J: easy-to-use:J:
easy:JR: easygoing:J: eat:V: eatable:J: eatables:S: eaten:E: eateries:S: eaters:S: eatery:N:x eating:GJN:a eatings:S: eats:P: eave:N: eavesdrop:V:
eavesdropping:N: ebb-and-flow:N: ebb:NV:s ebbed:DE: ebbing:G: ebbs:P: ebony:NJ:u ebullient:J: ebulliently:R: eccentric:JN:p eccentricities:S:
eccentricity:N:u eccentrics:S: ecclesiastical:J: ecclesiasticism:N:a echelon:N:s echelons:S: echo:NV:u echoed:DE: echoes:SP: echoing:G: eclairs:S:
eclat:N:w eclectic:JN:p eclectically:R: eclipse:VN:a eclipsed:DE: eclipses:S: eclipsing:G: ecliptic:NJ:l eco-evangelists:S: ecological:J:
ecologically:R: ecologists:S: ecology:N:s econobox:N: econometric:J: econometrics:N:k economic-cooperation:N: economic-crime:J: economic-development:N:
economic-efficiency:N: economic-forecasting:J: economic-policy:N: economic-reform:JN: economic-restructuring:J: economic:J: economical:J:
economically:R: economics:SN:k economies:S: economist:N:p economists:S: economize:V: economizing:G: economy-lodging:J: economy:N:g ecstasy:N:s
ecstatic:JN: ecstatically:R: ectoplasmic:J: ecumenical:J: ecumenicists:S: ecumenist:N: ecumenists:S: edema:N:s edematous:J: edentulous:J: edge:NV:l
edged:DJE: edges:S: edgewise:R: edginess:N:s edging:GN:x edgy:J: edible:J: edict:N:w edifice:N:x edified:D: edifying:J: edit:V: edited:ED: editing:NG:w
edition:N:w editions:S: editor-in-chief:N: editor:N:p editorial-page:NJ: editorial:NJ:w editorialist:N:p editorialists:S: editorialize:V:
editorially:R: editorials:S: editors:S: editorship:N:a edits:P: ednedayose:N: educate:V: educated:EJ: educating:GN: education:N:a educational:J:
educationalist:N:p educations:S: educator:N:p educators:S: educrats:S: eduction:N: ee-faket:N: eeg:N:w eel:N:f eerie:J: eerily:R: eeriness:N:u
effaces:P: effect:NJV:s effecte:V: effected:ED: effecting:G: effectinge:G: effective:JEN: effectively:R: effectiveness:N:u effects:SP:m effectual:J:
effectuate:V: effeminate:J: effete:J: efficacious:J: efficaciously:R: efficacy:N:u efficiencies:S: efficiency:N:z efficient-market:N: efficient:J:
efficiently:R: effigy:N:x effloresce:V: effluent:NJ:x effluents:S: effluvium:N:x effort:N:a effortful:J: effortless:J: effortlessly:R: efforts:S:
effrontery:N:u effusive:J: egalitarian:J: egalitarianism:N:k egg-breaking:N: egg-hatching:J: egg-on-the-face:J: egg-processing:J: egg-sized:J:
egg-throwing:J: egg:N:n egged:E: egghead:N:p eggplant:N:f eggplants:S: eggs:S:f eggshell:J: ego-adaptive:J: ego:N:s egocentric:J: egos:S: egotism:N:u
egotist:N:p egotistic:J: egotistical:J: egregious:J: egregiously:R: egrets:S: egypt:N:l eh:U: eidetic:J: eies:S: eight-acre:J: eight-and-a-half-foot:J:
eight-bar:J: eight-bit:J: eight-by-ten:J: eight-cent:J: eight-count:J: eight-foot-high:J: eight-foot:J: eight-hour:J: eight-inch:J: eight-member:J:
eight-mile-long:J: eight-mile:J: eight-month-old:J: eight-month:J: eight-page-a-minute:J: eight-page:J: eight-partner:J: eight-person:J: eight-piece:J:
eight-team:J: eight-thirty:J: eight-time:J: eight-times:J: eight-week:J: eight-year-old:JN: eight-year:J: eightball:N: eighteen-year-old:J:
eighteenth-century:J: eighteenth:J: eighth-floor:J: eighth:JN:z eighties:S:t eighty-fifth:J: eighty-nine:N: eighty-sixth:J: eighty-year-old:J:
either-or:J: either:TCIR: ejaculated:D: ejaculation:N:w eject:V: ejected:ED: ejection:N:a eke:V: eked:DE: eking:G: elaborate:VJ: elaborated:E:
elaborately:R: elaborates:P: elaborating:G: elaboration:N:a elan:N:s elapse:V: elapsed:E: elapses:P: elastic:JN:x elasticity:N:u elastomer:N:x
elastomers:S: elated:JE: elation:N:s elbow:N:x elbowing:G: elbows:S: elder:JN:p elderly:JN:g elders:S: eldest:J: elect:V: elected:EJD: electing:G:
election-law:N: election:N:a elections-an:J: elections:S: elective:J: electives:S: elector:N:p electoral:J: electorate:N:g electors:S:
electric-driven:J: electric-generating:N: electric-power:J: electric-sewer-water:J: electric-transport:N: electric-utility:JN: electric:JN:x
electrical-cable:N: electrical-engineering:J: electrical-products:S: electrical-safety:J: electrical:J: electrically:R: electricals:S: electrician:N:p
electricians:S: electricity-industry:N: electricity:N:s electrified:E: electrifying:J: electro-magnetic:J: electro-optical:J: electro-optics:S:
electrocardiogram:N:w electrocardiograph:N:x electrochemicals:S: electrode:N:x electrodes:S: electrodynamics:S: electrogalvanized:JE:
electrogalvanizing:G: electroluminescence:N: electrolysis-of-water:J: electrolysis:N:s electrolytic:J: electromagnet:N:x electromagnetic-test:N:
electromagnetism:N:s electromagnets:S: electromechanical:J: electromyography:N:a electron-device:N: electron:N:x electronic-bomb:N: electronic-data:J:
electronic-defense:N: electronic-information:N: electronic-measuring:J: electronic-publishing:J: electronic-quote:N: electronic-systems:S:
electronic-test:J: electronic-trading:JN: electronic-transaction:J: electronic-warfare:N: electronic:J: electronically:R: electronics-distribution:N:
electronics-instruments:J: electronics-product:N: electronics:SN:k electronography:N: electrons:S: electrophoresis:N:s electrophorus:N:x
electroplated:E: electroplating:N: electroreality:N: electroshock:N:a electroshocks:S: electrostatic:J: electrosurgical:J: electrotherapist:N:p
elects:P: elegance:N:u elegances:S: elegant:J: elegantly:R: elegiac:J: elegy:N:w element:N:k elemental:JN: elementary-grade:J: elementary-school:J:
elementary:J: elements:S:s elephant-like:J: elephant:N:n elephantine:J: elephants:S: elevate:V: elevated:EDJ: elevates:P: elevating:G: elevation:N:a
elevations:S: elevator:N:x elevators:S: eleventh-floor:J: eleventh-hour:J: eleventh:J: elfin:J: elicit:V: elicited:ED: elicits:P: elide:V:
eligibility:N:u eligible:JN: eliminate:V: eliminated:ED: eliminates:P: eliminating:G: elimination:N:a eliminations:S: elite:NSJ:g elites:S: elitist:J:
elitists:S: elixir:N:x elizabethan:N:p elk:SN:n ell:N:x ellipses:S: ellipsis:N:s ellipsoid:N:u ellipsoids:S: elliptical:J: elm:N:b elms:S: elongate:V:
elongated:EJ: elongation:N:u eloped:D: eloquence:N:w eloquent:J: eloquently:R: else:RJN: elsewhere:RN: elswehere:N: eluate:N:x eluates:S: elucidated:E:
elucidation:N:w elucidations:S: elucidative:J: eluded:DE: eludes:P: eluding:G: elusive:J: elusiveness:N:u eluted:E: elution:N:s em:O: emaciated:EJ:
emanated:DE: emanating:G: emanation:N:x emanations:S: emancipate:V: emancipated:EJ: emancipation:N:a emasculate:V: emasculated:D: emasculation:N:u
embalmers:S: embalming:N: embankment:N:x embargo:NV:w embargoed:JDE: embargoes:S: embargos:S: embark:V: embarked:DE: embarking:G: embarks:P:
embarrass:V: embarrassed:EDJ: embarrassing:JG: embarrassingly:R: embarrassment:N:s embarrassments:S: embassies:S: embassy:N:x embattled:JE:
embedded:EJ: embellish:V: embellished:E: embezzle:V: embezzled:D: embezzlement:N:a embezzler:N:p embezzling:G: embittered:EJ: emblazoned:E: emblem:N:x
emblematic:J: emblems:S: embodied:ED: embodies:P: embodiment:N:p embodiments:S: embody:V: embodying:G: emboldened:ED: embolisms:S: embossed:DE:
embouchure:N:x embrace:VN:a embraced:ED: embraces:PS: embracing:G: embroider:V: embroidered:E: embroideries:S: embroidery:N:w embroiled:E: embryo:N:b
embryonic:J: embryos:S: emcee:N:p emerald:JN:x emeralds:S: emerge:V: emerged:DE: emergence:N:a emergencies:S: emergency-cash:N: emergency-claims:S:
emergency-medical:J: emergency-relief:N: emergency-room:N: emergency:NJ:a emergent:J: emerges:P: emerging-growth:N: emerging:G: emeritus:NJ:p
emigrants:S: emigrate:V: emigrated:DE: emigrating:G: emigration-related:J: emigration:N:a emigrations:S: emigre:N:p emigres:S: eminence:N:s
eminences:S: eminent:J: eminently:R: emissaries:S: emissary:N:p emission-control:J: emission:N:a emissions:S: emit:V: emits:P: emitted:ED: emitting:G:
emote:V: emoted:D: emotion:N:s emotional:J: emotionalism:N:u emotionality:N:u emotionally:R: emotions:S: empathetic:J: empathize:V: empathy:N:s
emperor:N:p emperors:S: emphases:S: emphasis:N:s emphasize:V: emphasized:DE: emphasizes:P: emphasizing:G: emphatic:J: emphatically:R: emphaticize:V:
emphysema:N:s emphysematous:J: empire:N:l empires:S: empirical:J: empirically:R: empiricism:N:k employ:VN:s employe:N: employed:ED:
employee-benefit:JN: employee-benefits:JS: employee-bonus:JN: employee-contributed:J: employee-health:N: employee-incentive:N: employee-management:JN:
employee-owned:J: employee-ownership:JN: employee-stock:J: employee:N:p employees:SP: employer-offered:J: employer-paid:J: employer-provided:J:
employer-sponsored:J: employer:N:p employerpaid:J: employers:S: employes:SP: employing:G: employment-services:J: employment-tax:J: employment:N:s
employments:S: employs:P: empower:V: empowered:ED: empowering:G: empowerment:N:a empowers:P: emptied:ED: emptier:JR: empties:P: emptiness:N:s
empty-handed:J: empty-shelved:J: empty:JNRV:x emptying:G: emulate:V: emulated:E: emulating:G: emulator:N:p emulsified:E: emulsifiers:S: emulsion:N:x
en:IR: enable:V: enabled:DE: enables:P: enabling:G: enact:V: enacted:ED: enacting:G: enactment:N:a enactments:S: enacts:P: enamel:N:x enameling:NG:
enamelled:J: enamels:S: enamored:J: encamp:V: encamped:E: encampment:N:l encapsulate:V: encased:D: encasing:G: encephalitis:N:s encephalographic:J:
enchained:E: enchant:V: enchanted:EJ: enchanting:J: enchantingly:R: enchantment:N:s enciphered:E: encircle:V: encircled:DJ: encircles:P: encircling:G:
enclave:N:l enclaves:S: enclosed:ED: encloses:P: enclosing:G: enclosure:N:x enclosures:S: encoded:E: encoder:N: encomiums:S: encompass:V:
encompassed:ED: encompasses:P: encompassing:G: encore:N:a encores:S: encounter:NV:a encountered:ED: encountering:G: encounters:SP: encourage:V:
encouraged:EDJ: encouragement:N:w encourages:P: encouraging:GJ: encouragingly:R: encroach:V: encroached:D: encroaching:G: encroachment:N:a encrusted:E:
encrypting:G: encumber:V: encumbered:E: encumbrance:N:k encumbrances:S: encyclopedia:N:w encyclopedias:S: encyclopedic:J: encylopedia:N:
end-of-model-year:J: end-of-school:J: end-of-season:J: end-of-the-quarter:J: end-of-the-season:J: end-of-the-year:J: end-of-year:J: end-product:N:
end-run:N: end-tailed:E: end-to-end:J: end-use:J: end-user:N: end-zone:N: end:NVJR:l endanger:V: endangered-species:S: endangered:EDJ: endangering:G:
endangerment:N:s endeared:DE: endearing:J: endearment:N:a endearments:S: endeavor:NV:a endeavored:DE: endeavoring:G: endeavors:S: endeavour:N:a
endeavours:S: ended:DJVE: endemic:J: endevor:N: ending:GJNE:w endings:S: endless:J: endlessly:R: endocrine:J: endocrinologists:S: endogamous:J:
endogamy:N:s endogenous:J: endometriosis:N:s endorse:V: endorsed:ED: endorsement:N:w endorsements:S: endorsers:S: endorses:P: endorsing:GN:
endosperm:N:b endothelial:J: endothermic:J: endotoxin:N:x endotoxins:S: endow:V: endowed:EDJ: endowment:N:k endowments:S: endows:P: endpoint:N:l
endpoints:S: endrocrine:J: ends:SP: endurable:J: endurance:N:u endure:V: endured:DE: endures:P: enduring:GJ: enduringly:R: enemies:S: enemy:N:g
energetic:J: energetically:R: energies:S: energize:V: energized:E: energizes:P: energizing:G: energy-adjusted:J: energy-cogeneration:N:
energy-efficient:J: energy-hungry:J: energy-industry:N: energy-producing:J: energy-services:SJ: energy:N:s enervating:G: enervation:N:u enflamed:E:
enforce:V: enforceable:J: enforced:EDJ: enforcement:N:a enforcer:N:p enforcers:S: enforces:P: enforcing:G: engage:V: engaged:EJD: engagement:N:a
engagements:S: engages:SEP: engaging:GJ: engagingly:R: engender:V: engendered:ED: engenders:P: engine-assembly:N: engine-casting:N: engine:N:x
engineer:NV:p engineered:EDJ: engineering-design:J: engineering-management:JN: engineering-services:S: engineering:NG:a engineers:S: engineless:J:
engines:S: england:N:l english:N:w englishman:N:p engorged:E: engorgement:N:s engrave:V: engraved:EJ: engraver:N:p engraves:P: engraving:N:x
engravings:S: engrossed:JE: engrossing:J: engulf:V: engulfed:ED: engulfing:GJ: engulfs:P: enhance:V: enhanced:EDJ: enhancement:N:a enhancements:S:
enhances:P: enhancing:G: enigma:N:k enigmatic:J: enjoin:V: enjoinder:N: enjoined:ED: enjoining:G: enjoy:V: enjoyable:J: enjoyed:DE: enjoying:G:
enjoyment:N:s enjoys:P: enlargd:E: enlarge:V: enlarged:EJD: enlargement:N:a enlargements:S: enlargers:S: enlarges:P: enlarging:GN: enlighten:V:
enlightened:JE: enlightening:GJ: enlightenment:N:k enlist:V: enlisted:DJE: enlisting:G: enlistment:N:t enlists:P: enliven:V: enlivened:E: enlivening:G:
enmeshed:E: enmities:S: enmity:N:s ennui:N:s ennumerated:D: enny:J: enormity:N:u enormous:J: enormously:R: enough:RJN:q enoxacin:N: enquired:D:
enrage:N: enraged:JDE: enraptured:DE: enrich:V: enriched:E: enriches:P: enriching:G: enrichment:N:a enroll:V: enrolled:EDJ: enrollee:N:p enrollees:S:
enrolling:N: enrollment:N:a enrollments:S: enroute:R: ensconced:ED: ensemble:N:g ensembles:S: enshrined:E: enshrouding:G: enshrouds:P: enslave:V:
enslaved:E: enslavement:N:s enslaving:N: ensnare:V: ensnared:E: ensnarled:E: ensue:V: ensued:DE: ensues:P: ensuing:G: ensure:V: ensured:D: ensures:P:
ensuring:G: entail:V: entailed:DE: entailing:G: entails:P: entangled:JDE: entanglement:N:x entanglements:S: enter:VE: entered:DE: entering:G:
enterotoxemia:N:s enterprise:N:a enterprises:S: enterprising:J: enterprisingly:R: enters:P: entertain:V: entertained:ED: entertainer:N:p
entertainers:S: entertaining:GJN: entertainment-industry:N: entertainment-law:N: entertainment:N:a entertainments:S: entertains:P: enterteyned:D:
enthalpy:N:u enthralled:JE: enthralling:JG: enthrones:P: enthuses:P: enthusiam:N: enthusiasm:N:s enthusiasms:S: enthusiast:N:p enthusiastic:J:
enthusiastically:R: enthusiasts:S: entice:V: enticed:D: enticements:S: enticing:GJ: enticingly:R: entire:JN:n entirely:R: entirety:N:s entities:S:
entitle:V: entitled:ED: entitlement:NJ:u entitlements:S: entitles:P: entitling:G: entity:N:z entombed:E: entomologist:N:p entourage:N:g entractes:S:
entrance:N:x entranced:E: entrances:S: entranceway:N:x entrant:N:x entrants:S: entrapment:N:a entre:N: entreat:V: entreated:D: entreaties:S: entree:N:f
entrench:V: entrenched:EDJ: entrenchment:N:x entrepreneur:N:p entrepreneurial:J: entrepreneurism:N: entrepreneurs:S: entrepreneurship:N: entries:S:
entropy-increasing:J: entropy:N:u entrust:V: entrusted:E: entrusting:G: entry-level:J: entry-limit:J: entry-limited:J: entry-limiting:J: entry-price:J:
entry:N:w entwined:EJ: enumerated:EJ: enumeration:N:w enunciate:V: enunciated:D: enunciating:G: enunciation:N:w envelope:N:x enveloped:E: envelopes:S:
enveloping:G: envenomed:E: enviable:J: enviably:R: envied:D: envious:J: enviously:R: enviroment:N: environing:G: environment:N:s
environmental-impact:J: environmental-services:S: environmental:J: environmentalism:N:k environmentalist-actor:N: environmentalist:NJ:p
environmentalists:S: environmentally:R: environments:S: environs:S:l envisage:V: envisaged:DE: envisages:P: envision:V: envisioned:DE: envisioning:G:
envisions:P: envoy:N:p envoys:S: envy-quotient:N: envy:NV:s enzymatic:J: enzyme-like:J: enzyme:N:x enzymes:S: eons:S: eosinophilic:J: epaulet:N:x
epaulets:S: ephemeral:J: epic:NJ:w epicenter:N:l epics:S: epicure:N:p epicurean:N:p epicycle:N:u epicycles:S: epicyclical:J: epicyclically:R:
epidemic:NJ:a epidemics:S: epidemiologic:J: epidemiological:J: epidemiologist:N:p epidemiologists:S: epidermis:N:x epigenetic:J: epigram:N:w
epigrammatic:J: epigrams:S: epigraph:N:w epilepsy:N:s epileptic:J: epileptics:S: epilogue:N:w epiphany:N:a epiphyseal-diaphyseal:J: epiphysis:N:x
episode:N:a episodes:S: episodic:J: epistemology:N:k epistolatory:J: epitaph:N:w epithet:N:w epithets:S: epitome:N:k epitomize:V: epitomized:ED:
epitomizes:P: epoch-making:J: epoch:N:t epochal:J: epoxy:J: epsiode:N: epsom:N: equal-opportunity:N: equal:JNV:p equaled:DE: equaling:G: equality:N:u
equalization:N:a equalize:V: equalizer:N:x equalizers:S: equalizing:N: equalled:E: equally:R: equals:PS: equanimity:N:u equate:V: equated:ED:
equates:P: equating:G: equation:N:w equations:S: equator:N:l equatorial:J: equestrian:J: equestrians:S: equidistant:J: equidistantly:R: equilibrated:E:
equilibrium:N:s equilibriums:S: equiment:N: equine:N:n equines:S: equip:V: equipment-leasing:J: equipment-packed:J: equipment:N:x equipmwent-leasing:N:
equipotent:J: equipped:EJD: equipping:GN:a equips:P: equitable:J: equitably:R: equities:S: equity-like:J: equity-purchase:JN: equity-to-asset:N:
equity:N:m equityholders:S: equivalence:N:s equivalent-choice:J: equivalent:NJ:k equivalents:S: equivocal:J: equivocating:N: er:U: era:N:t eradicate:V:
eradicated:ED: eradicating:G: eradication:N:a eras:S: erasable:J: erase:V: erased:ED: eraser-fitted:J: eraser:N:x erasers:S: erases:P: erasing:G:
erasures:S: erawhere:N: ere:I: erect:VJ: erected:ED: erecting:G: erection:N:s erects:P: ergonomics:S:k ergotropic:J: erned:D: erode:V: eroded:EJD:
erodes:P: eroding:G: erosion:N:s erotic:J: erotica:S:a erotically:R: err:V: errand:N:a errant:J: errata:S: erratic:J: erratically:R: erred:ED:
erroneous:J: erroneously:R: error-free:J: error-laden:J: error-prone:J: error:N:a errors:S: errs:P: ersatz:J: erstwhile:J: erudite:J: erudition:N:k
erupt:V: erupted:DE: erupting:G: eruption:N:a erupts:P: erysipelas:N:s erythroid:N: erythropoietin:N:x escalate:V: escalated:ED: escalating:G:
escalation:N:a escalators:S: escapade:N:a escapades:S: escape:VN:a escaped:DE: escapees:S: escapes:SP: escaping:G: escapist:J: escheat:N:m eschew:V:
eschewed:E: eschewing:G: eschews:P: escort:NV:p escorted:DE: escorting:G: escorts:PS: escritoire:N:x escrow:NJ:m escrowed:E: escudo:N:q escutcheon:N:x
escutcheons:S: esophagus:N:x esoteric:J: esoterica:S:w especially:R: espionage:N:a esplanade:N:x espousal:N:a espouse:V: espoused:DE: espouses:P:
espousing:G: espresso:N:f essay:N:w essayed:DE: essayish:J: essayist:N:p essayists:S: essays:S: esse:N: essence:N:k essences:S: essential:JN:x
essentially:R: essentials:S: establish:V: established:EJD: establishes:P: establishing:G: establishment:N:a establishments:S: establshed:E: estancia:N:
estancias:S: estanciero:N: estancieros:S: estate-freeze:J: estate-tax:JN: estate:N:m estates:S: esteem:N:s esteemed:DE: ester:N:x esterases:S:
esters:S: esthetic:J: esthetics:S:k estimable:J: estimate:NV:k estimated:EJD: estimates:SP: estimating:GN: estimation:N:w estimators:S: estragole:N:
estranged:EDJ: estrangement:N:s estranging:J: estrogen-replacement:N: estrogen:N:x estuarian:N: estuaries:S: estuary:N:x et:DC: etc:N: etcetera:N:x
etch:V: etched:DE: etching:N:x eternal:J: eternally:R: eternity:N:t ethane:N:x ethanol-based:J: ethanol-powered:J: ethanol:N:x ether:NC:x ethereal:J:
ethers:S: ethic:N:k ethical:J: ethically:R: ethicist:N:p ethicists:S: ethics-related:J: ethics:SN:k ethiopian:N:p ethnic:J: ethnically:R: ethnicity:N:u
ethnography:N:k ethos:N:u ethyl:N:x ethylene:N:x etiquette:N:w etymological:J: etymology:N:w eucalyptus:N:b eugenic:J: eulogize:V: eulogized:D:
eulogizers:S: eulogy:N:w euphemism:N:w euphemisms:S: euphoria:N:s euphoric:J: europe:N:x european:N:p eutectic:N:x eva:N: evacuant:N: evacuate:V:
evacuated:E: evacuation:N:a evade:V: evaded:ED: evader:N: evaders:S: evades:P: evading:G: evaluate:V: evaluated:ED: evaluates:P: evaluating:G:
evaluation:N:a evaluations:S: evaluative:J: evangelical:J: evangelicals:S: evangelism:N:w evangelist-industrialist:N: evangelist:N:p evangelists:S:
evaporate:V: evaporated:DE: evaporates:P: evaporation:N:s evaporative:J: evasion:N:w evasions:S: evasive:J: eve:N:p even-handed:J: even-larger:J:
even-tempered:J: even:RJV: evened:E: evenhanded:J: evening:NG:t evenings:S: evenly:R: evens:P: evensong:N:t event-driven:J: event-risk:JN: event:N:z
eventful:J: eventfully:R: events:S: eventshah-leh:R: eventshahleh:R: eventual:J: eventualities:S: eventuality:N:a eventually:R: eventuate:V:
evenutally:R: ever-anxious:J: ever-changing:J: ever-dying:J: ever-existent:J: ever-expanding:J: ever-faster:J: ever-greater:J: ever-growing:J:
ever-higher:J: ever-increasing:J: ever-lovin:J: ever-more:J: ever-narrowing:J: ever-optimistic:J: ever-present:J: ever-quieter:J: ever-successful:J:
ever-swelling:J: ever-tightening:J: ever-vigilant:J: ever-worsening:J: ever:R: evergreen:N:b evergreens:S: everlasting:JN:b everlastingly:R:
evermounting:G: eversteadier:J: every-day:J: every:T: everybody:N: everyday:J: everyone:N: everything:N: everywhere:R: evict:V: evicted:E: evicting:G:
evidence:NV:k evidenced:E: evidences:S: evidencing:G: evident:J: evidential:J: evidently:R: evil-but-cute:J: evil-doers:S: evil-doing:N:
evil-looking:J: evil-minded:J: evil:JN:a evildoer:N:p evildoers:S: evils:S: evinced:ED: eviscerate:V: eviscerating:G: evocation:N:k evocations:S:
evocative:J: evoke:V: evoked:ED: evokes:P: evoking:G: evolution:N:s evolutionary:J: evolutionists:S: evolve:V: evolved:EJD: evolves:P: evolving:G:
ex-accountant:N: ex-aides:S: ex-bandits:S: ex-brother-in-law:N: ex-chairman:N: ex-chief:JN: ex-convict:N: ex-convicts:S: ex-dividend:JNR:
ex-employee:N: ex-employees:S: ex-employer:N: ex-fighter:N: ex-franchise:N: ex-furniture:J: ex-gambler:N:p ex-housing:J: ex-hurler:N: ex-husband:N:p
ex-investment:J: ex-jazz:J: ex-lawyer:N: ex-liberals:S: ex-manager:N: ex-marine:N: ex-mayor:N:p ex-member:N: ex-musician:N: ex-officers:S:
ex-officio:JN: ex-partners:S: ex-player:N: ex-president:N:p ex-presidents:S: ex-prison:N: ex-prize:J: ex-reporters:S: ex-schoolteacher:N: ex-singer:N:
ex-smokers:S: ex-truck:J: ex-trucking:J: ex-wife:N:p ex-wives:S: ex:J: exacerbate:V: exacerbated:ED: exacerbates:P: exacerbating:G: exacerbation:N:a
exacerbations:S: exachanges:S: exact:JV: exacted:D: exacting:J: exactly:R: exacts:P: exaggerate:V: exaggerated:EJD: exaggerating:G: exaggeration:N:w
exaggerations:S: exalt:V: exaltation:N:s exaltations:S: exalted:JD: exalting:G: exam:N:w examiantion:N: examination:N:a examinations:S: examine:V:
examined:DE: examiner:N:p examiners:S: examines:P: examinin:G: examining:GN: example:N:k examples:S: exams:S: exasperate:V: exasperated:J:
exasperating:GJ: exasperatingly:R: exasperation:N:s excavate:V: excavated:E: excavating:G: excavation:N:a excavations:S: excavator:N:p excavators:S:
exceed:V: exceeded:DE: exceeding:GJ: exceedingly:R: exceeds:P: excel:V: excelled:DE: excellence:N:u excellences:S: excellent:J: excellently:R:
excelling:G: excels:P: excelsin:N: excelsior:N:x except:IV: excepting:G: exception:N:k exceptional:J: exceptionally:R: exceptions:S: excerpt:N:w
excerpts:S: excess:JN:u excesses:S: excessive:J: excessively:R: exchange-listed:J: exchange-rate:NJ: exchange:NV:s exchangeable:J: exchanged:ED:
exchanger:N:p exchangers:S: exchanges:SP: exchanging:G: exchequer:N:m excise:NJV:m excised:DE: excision:N:w excitability:N:k excitatory:J: excite:V:
excited:EJD: excitedly:R: excitement:N:s excitements:S: exciter:N: excites:P: exciting:JG: exclaim:V: exclaimed:D: exclaiming:G: exclaims:P:
exclamation:N:w exclamations:S: exclude:V: excluded:ED: excludes:P: excluding:G: exclusion:N:s exclusionary:J: exclusions:S: exclusive:JN:w
exclusively:R: exclusiveness:N:u exclusivity:N: excommunicated:E: excorciate:V: excoriate:V: excoriated:DE: excoriating:G: excrement:N:x excrete:V:
excreted:E: excretion:N:s excretory:J: excruciating:J: excrutiatingly:R: excursion:N:a excursions:S: excursus:N:w excusable:J: excuse:NV:w excused:ED:
excuses:SP: excutives:S: exec:N:g execs:S: execuitive:N: execute:V: executed:EJD: executes:P: executing:G: execution:N:a executioner:N:p executions:S:
executive-branch:JN: executive-legislative:J: executive-level:J: executive-model:J: executive-office:N: executive-only:J: executive-type:N:
executive:NJ:p executives:S: executor:N:p executors:S: exegesis:N:w exemplar:N:k exemplary:J: exemplified:E: exemplifies:P: exemplify:V: exempt:JV:
exempted:ED: exempting:G: exemption:N:s exemptions:S: exempts:P: exercisable:J: exercise:NV:a exercised:EDJ: exercises:SP: exercising:GN:a exerpts:S:
exert:V: exerted:ED: exerting:G: exertion:N:a exertions:S: exerts:P: exeuctive:N: exhaled:D: exhaling:G: exhanges:S: exhaust:NV:x exhausted:ED:
exhaustible:J: exhausting:GJ: exhaustingly:R: exhaustion:N:s exhaustive:J: exhaustively:R: exhausts:SP: exhibit:NV:w exhibited:ED: exhibiting:G:
exhibition:N:a exhibitions:S: exhibitors:S: exhibits:SP: exhilarated:E: exhilarating:J: exhilaration:N:s exhort:V: exhortation:N:w exhortations:S:
exhorting:G: exhorts:P: exhumation:N:a exhumations:S: exhume:V: exhusband:N: exigencies:S: exigency:N:s exile:NV:p exiled:EDJ: exiles:S: exiling:G:
exist:V: existance:N: existed:DE: existence:N:s existent:JN: existential:J: existentialist:N:p existing:GJ: exists:P: exit-load:J: exit-poll:JN:
exit-visa:J: exit:NV:x exited:DE: exiting:G: exits:SP: exluding:G: exodus:N:a exogamous:J: exogamy:N:s exonerate:V: exonerated:ED: exonerating:G:
exoneration:N:s exorbitant:J: exorcise:V: exorcism:N:k exorcisms:S: exorcist:N:p exothermic:J: exotic:J: expand:V: expandable:J: expanded:EDJ:
expanding-profit:J: expanding:GJ: expands:P: expanse:NJ:u expansion-contraction:N: expansion-minded:J: expansion:NJ:a expansionary:J: expansionism:N:k
expansionist:J: expansionists:S: expansions:S: expansive:J: expansively:R: expansiveness:N:u expatriate:J: expatriates:S: expecially:R: expect:VI:
expectable:J: expectancies:S: expectancy:N:s expectant:J: expectantly:R: expectation:N:k expectations:S: expected:EDJV: expectedly:R: expecting:G:
expects:P: expediency:N:u expedient:JN:a expediently:R: expedients:S: expedite:V: expedited:EDJ: expediting:G: expedition:N:a expeditions:S:
expeditious:J: expeditiously:R: expel:V: expelled:ED: expelling:G: expend:V: expendable:J: expended:ED: expenditure:N:m expenditures:SP: expends:P:
expense-account:N: expense-paid:J: expense-reducing:J: expense:N:m expenses:S: expensive-to-produce:J: expensive:JR: experience-oriented:J:
experience:NV:k experienced:EJD: experiences:SP: experiencing:G: experiential:J: experientially:R: experiment:NV:a experimental-theater:J:
experimental:J: experimentalism:N:k experimentally:R: experimentation:N:k experimentations:S: experimented:DE: experimenter:N:p experimenters:S:
experimenting:G: experiments:S: expert:NJ:p expertise:N:k expertly:R: experts:S: expiating:G: expiation:N:m expiration-related:J: expiration:N:t
expirations:S: expire:V: expired:DEJ: expires:P: expiring:G: explain:V: explained:DE: explaining:G: explains:P: explanation:N:w explanations:S:
explanatory:J: expletive:N:w explicable:J: explicit:J: explicitly:R: explicitness:N:u explicity:N: explictly:R: explode:V: exploded:DE: explodes:P:
exploding-wire:J: exploding:G: exploit:VN:a exploitation:N:a exploitative:J: exploited:ED: exploiter:N:p exploiters:S: exploiting:G: exploits:SP:
exploration:N:a explorations:S: exploratory:J: explore:V: explored:ED: explorer:N:p explorers:S: explores:P: exploring:G: explosion:N:a explosions:S:
explosive:JN:x explosively:R: explosives:S: explusion:N: expo:N:g exponential:J: exponentially:R: exponents:S: export-applications:S:
export-boosting:J: export-bound:J: export-control:JN: export-driven:J: export-license:JN: export-oriented:J: export-promotion:J: export-related:J:
export-subsidy:N: export:NVJ:x exported:ED: exporter:N:p exporters:S: exporting:G: exports:SP: expose:VN:w exposed:EJD: exposes:P: exposing:GJ:
exposited:E: exposition:N:w expositions:S: expository:J: exposure-time:N: exposure:N:u exposures:S: expounded:DE: expounding:G: express-delivery:N:
express:VJN:w expressed:EDJ: expresses:P: expressible:J: expressing:G: expression:N:u expressionism:N:g expressionist:N:p expressionistic:J:
expressionists:S: expressionless:J: expressions:S: expressive:J: expressiveness:N:u expressivness:N: expressly:R: expressway:N:x expropriated:J:
expulsion:N:a expunge:V: expunged:E: expunging:N:a expurgation:N:a exquisite:J: exquisitely:R: exquisiteness:N:u extant:J: extempore:R: extemporize:V:
extend:VP: extended-body:J: extended-care:J: extended-payment:N: extended-range:J: extended-wear:J: extended:EDJ: extendible:J: extendibles:S:
extending:G: extends:P: extension:N:t extensions:S: extensive:J: extensively:R: extent:N:s extenuate:V: extenuating:G: exterior:JN:l exteriors:S:
exterminate:V: exterminated:E: exterminating:G: extermination:N:a exterminator:N:p extern:N:p external-trade:J: external:J: externalization:N:k
externally:R: extinct:J: extinction:N:s extinguish:V: extinguished:E: extinguisher:N:x extinguishers:S: extinguishment:N: extirpated:E: extirpating:G:
extolled:D: extolling:G: extols:P: extort:V: extorted:D: extorting:G: extortion:N:m extortionate:J: extra-caffeine:J: extra-curricular:J: extra-high:J:
extra-literary:J: extra-musical:J: extra-nasty:J: extra-sensory:J: extra-thick:J: extra:JNR:p extract:VN:x extracted:ED: extracting:G: extraction:N:s
extractor:N:x extractors:S: extracts:SP: extracurricular:J: extradite:V: extradited:E: extraditing:G: extradition:N:a extraditions:S: extralegal:J:
extramarital:J: extramural:J: extraneous:J: extraneousness:N:z extraordinarily:R: extraordinary:JN: extrapolate:V: extrapolated:E: extrapolates:P:
extrapolation:N:k extrapolations:S: extras:S: extraterrestrial:J: extraterrestrials:S: extraterritorial:J: extravagance:N:u extravagant:J:
extravagantly:R: extravaganza:N:a extravaganzas:S: extrema:S: extreme:JN:u extremely:R: extremes:S: extremist:JN:p extremists:S: extremities:S:
extremity:N:x extremum:N:l extricate:V: extrovert:N:p extruded:EJ: extruder:N: extruding:G: extrusion:N:u extrusions:S: exuberance:N:s exuberant:J:
exuberantly:R: exude:V: exuded:D: exultantly:R: exultation:N:s exulted:D: exults:P: eyd:E: eye-beaming:N:a eye-beamings:S: eye-blink:N: eye-catching:J:
eye-deceiving:N: eye-filling:J: eye-gouging:N: eye-machine:N: eye-popping:J: eye-strain:N: eye-to-eye:JR: eye-undeceiving:N: eye:N:x eyeball:N:x
eyeballing:G: eyeballs:S: eyebrow:N:x eyebrows:S: eyed:D: eyeful:N:p eyeglasses:S:x eyeing:G: eyelashes:S: eyelets:S: eyelid:N:x eyelids:S:
eyepiece:N:x eyes:S:k eyeshadow:N:x eyesight:N:k eyesore:N:u eyestrain:N:s eyeteeth:S: eyewear:JN: eyewitness:NJ:p eyewitnesses:S: eying:G: f-plane:N:
f:N:q fable:N:w fabled:J: fables:S: fabric:N:x fabricate:V: fabricated:EDJ: fabricates:P: fabricating:GN: fabrication:N:w fabrications:S:
fabricator:N:p fabricators:S: fabrics:S: fabulations:S: fabulous:J: fabulously:R: facade:N:x facaded:E: facades:S: face-amount:JN: face-lifting:N:
face-off:N:w face-saving:JN: face-to-face:JR: face-to-wall:R: face:NVJR:x faced:ED: faceless:J: facelift:N:a facelifts:S: faces:PS: facet-plane:N:
facet-planes:S: facet:N:k facetious:J: facetiously:R: facets:S: facial:J: facile:J: facilitate:V: facilitated:E: facilitates:P: facilitating:G:
facilitators:S: facilites:S: facilities:S: facility:N:x facing:GJ: facings:S: facsimile:NJ:x facsimiles:S: facsiport:N: fact-bound:J: fact-finder:N:
fact-finding:JN: fact:N:k faction:N:g factions:S: facto:JN: factor:NV:a factored:EJ: factories:S: factoring:NG:k factors:SP: factory-automation:N:
factory-jobs:S: factory-like:J: factory-modernization:N: factory-outlet:J: factory:NJ:x facts:S: factual:J: factually:R: faculties:S: faculty-hiring:J:
faculty:N:k fad:N:k faddish:J: fade-in:J: fade:VN:a faded:EDJ: fadeout:N:a fades:SP: fading:GJN:a fads:S: faery:N:p faier:R: fail-safe:J: fail:VN:
failed:DEJ: failing:GN:s failings:S: fails:PS: failure-to-supervise:J: failure:N:a failures:S: faint:JNV:a fainted:DE: fainter:J: faintest:J:
fainting:NG: faintly:R: fair-looking:J: fair-market:J: fair-sized:J: fair-trade-related:J: fair-use:J: fair-weather:J: fair:JNR:a fairer:J: faires:S:
fairest:J: fairgoers:S: fairies:S: fairing:N: fairly:R: fairness:N:u fairs:S: fairway:N:l fairways:S: fairy-land:N: fairy-tale:N: fairy:JN:p
fairyland:N:k fairytale:N:w fait:N: faith:N:k faithful:JN:g faithfully:R: faiths:S: fajitas:S: fake:JNV:x faked:ED: faker:N:p fakes:S: faking:G:
falcon:N:n falconers:S: falconry:N:k falcons:S: fall-off:N: fall-outs:S: fall:NV:t fallacious:J: fallacy:N:k fallback:NJ:a fallen:EJ: fallible:J:
falling:GJN: falloff:N:s fallout:N:x fallow:J: falls:PS:b false-fronted:J: false:JR: falsehood:N:w falsehoods:S: falsely:R: falseness:N:s
falsification:N:k falsified:E: falsify:V: falsifying:G: falsity:N:s falter:V: faltered:DE: faltering:GN:a falters:P: fame:NV:s famed:JE: fames:S:
familar:J: familarity:N: familial:J: familiar:JN:p familiarity:N:k familiarization:N:k familiarize:V: familiarly:R: familiarness:N: families:S:
familistical:J: family-business:N: family-centered:J: family-community:N: family-entertainment:J: family-oriented:J: family-owned:J:
family-planning:JN: family-run:J: family-welfare:N: family:N:g famine-relief:N: famine:N:s famines:S: famous:JS: famously:R: fan:NV:x fanatic:NJ:p
fanatical:J: fanatically:R: fanaticism:N:k fanatics:S: fancied:D: fancier:J: fancies:P: fanciest:J: fanciful:J: fancifully:R: fancy-free:J: fancy:JNV:k
fancying:G: fanfare:N:w fangs:S: fanned:DE: fanning:GN: fanny:N:x fans:SP: fantasia:N:w fantasies:S: fantasist:N:p fantasize:V: fantasized:E:
fantastic:J: fantastically:R: fantasy:N:k fantods:S:s far-afield:J: far-away:J: far-famed:J: far-fetched:J: far-flung:J: far-from-conciliatory:J:
far-left:JN: far-lower:J: far-off:J: far-out:J: far-ranging:J: far-reaching:J: far-right:J: far-sighted:J: far:RIJ: faraway:J: farce:N:w farces:S:
fare:NV:k fared:DE: fares:SNP: farewell:NU:w farfetched:J: farflung:N: faring:G: farm-engineering:N: farm-equipment:NJ: farm-policy:N: farm-product:N:
farm-state:J: farm-subsidy:N: farm-supply:J: farm-trade:J: farm:NV:x farmed:DJ: farmer-type:J: farmer:N:p farmers:S: farmhands:S: farmhouse:N:x
farmhouses:S: farming:NG:a farmland:N:l farmlands:S: farms:SP: farmsteads:S: farmwives:S: faro:N:a farrowings:S: farther:R: farthest:JR: fascicles:S:
fasciculation:N:s fasciculations:S: fascimile-machine:N: fascinate:V: fascinated:EJD: fascinates:P: fascinating:J: fascinatingly:R: fascination:N:s
fascism:N:k fascist:J: fascists:S: fashion:NV:u fashionable:JN: fashioned:ED: fashioning:G: fashions:SP: fast-acting:J: fast-approaching:J:
fast-closing:J: fast-cut:J: fast-developing:J: fast-firing:J: fast-food:NJ: fast-forward:J: fast-frozen:J: fast-grossing:J: fast-growing:J:
fast-moving:J: fast-opening:JN: fast-paced:J: fast-rising:J: fast-selling:J: fast-shrinking:J: fast-spreading:J: fast-talking:J: fast-track:J:
fast-vanishing:J: fast:RJN:a fastball:N:a fastballs:S: fasten:V: fastened:ED: fastener:N:p fasteners:S: fastening:N:x fastenings:S: fastens:P:
faster-growing:J: faster-spending:J: faster-working:J: faster:RJ: fastest-growing:JN: fastest:JR: fastidious:J: fastness:N:u fat-free:J: fat-soluble:J:
fat-substitute:J: fat-tired:J: fat:JN:x fatal:J: fatalists:S: fatalities:S: fatality:N:a fatally:R: fatboy:N: fate:N:a fateful:J: fates:S:
father-and-son:J: father-brother:N: father-confessor:N: father-god:N:p father-in-law:N:p father-murder:N: father-son:N: father:NV:p fathered:D:
fatherly:J: fathers:S: fathom:V: fathoms:S: fathuh:N: fatiegued:J: fatigue:NV:s fatigued:EJ: fatigues:S:x fats:S: fatsos:S: fatten:V: fattened:ED:
fattening:GN: fatter:J: fatty:J: fatuous:J: faucet:N:x fault-tolerant:J: fault:NV:a faulted:ED: faulting:G: faultless:J: faultlessly:R: faultlines:S:
faults:SP: faulty:J: fauna:SN:g fauteuil:N:x faux:J: favor:NV:a favorable:J: favorableness:N:u favorably:R: favored:EDJ: favorer:N: favoring:G:
favorite:JN:k favorites:S: favoritism:N:k favors:PS: favour:N:s fawn-colored:J: fawn:N:u fawned:E: fawning:JG: fax:NJ:x faxed:DE: faxes:S: faxing:G:
faze:V: fazed:D: fealty:N:u fear-filled:J: fear:NV:s feare:N: feared:DEJ: fearful:J: fearfully:R: fearing:G: fearlast:N: fearless:J: fearlessly:R:
fears:SP: fearsome:J: feasibility:N:u feasible:J: feast:NV:g feasted:E: feasting:G: feasts:S: feat:N:a feather-bedding:N: feather-like:J: feather:NV:n
featherbedding:N:a feathered:JE: featherless:J: feathers:S: feathery:J: feats:S: feature:NVJ:k featured:EDJ: featureless:J: features:SP: featuring:G:
feb:N:t febrile:J: february:N:t fecal:J: feckless:J: fecund:J: fecundity:N:k fed:EJND:p federal-corporate:J: federal-court:JN: federal-formula:J:
federal-funds:J: federal-local:J: federal-question:J: federal-right:J: federal-state-local:J: federal-state:JN: federal-systems:J: federal:J:
federalism:NJ:k federalist:N:p federalists:S: federalize:V: federalized:J: federally:R: federation:N:g fedora:N:x feds:S: fee-for-service:J:
fee-forfeiture:N: fee-per-case:J: fee-per-day:N: fee-producing:JN: fee-related:J: fee-shifting:J: fee:N:m feeble:J: feebleness:N:s feeblest:J:
feebly:R: feed-grain:N: feed-lot:J: feed:NVD:f feedback:N:s feeder:N:n feeders:S: feeding-pain:J: feeding:GN:a feedings:S: feedlot:N:x feedlots:S:
feeds:PS: feedstock:N:x feel-good:J: feel:VN:k feeler:N:n feelers:S: feeling-state:N: feeling:NG:z feelings:S:s feels:PS: fees:S: feet:SN: feigned:JE:
feigning:G: feint:NV:a feistier:J: feistiness:N: feisty:J: feler:N: felicities:S: felicitous:J: felicity:N:u feline:J: fell:DJNE:x fella:NU:p fellas:S:
felled:ED: feller:N:p fellers:S: felling:G: fellow-countryman:N: fellow-craftsmen:S: fellow-creatures:N: fellow-employees:S: fellow-men:S: fellow:NJ:p
fellowfeeling:N: fellows:S: fellowship:N:g fellowships:S: felon:N:p felonies:S: felonious:J: felons:S: felony:N:a felt:DE: female-dominated:J:
female-headed:J: female:JN:n females:S: feminine-care:J: feminine:JN:w femininity:N:u feminism:N:k feminist:JN:p feminists:S: fence-line:J:
fence-sit:V: fence:N:x fenced-in:J: fenced:JE: fences:S: fencing:N:x fend:V: fended:DE: fender-benders:S: fender:N:x fenders:S: fending:G: fennel:N:b
fenoldopam:N: fens:S: fenugreek:N:b fer:I: ferment:N:s fermentation:JN:s fermentations:S: fermented:E: fermenting:G: fermions:S: fern-like:J: fern:N:b
fernery:N: ferns:S: ferocious:J: ferociously:R: ferocity:N:u ferret:VN:n ferreted:DE: ferreting:G: ferrets:P: ferried:DE: ferries:S: ferris:J:
ferroelectric:J: ferromagnetic:J: ferry:NV:x ferrying:G: fertile:J: fertility-control:J: fertility:N:t fertilization:N:a fertilizations:S:
fertilized:EJ: fertilizer:N:x fertilizers:S: fertilizing:G: fervent:J: fervently:R: fervid:N: fervor:N:s fervors:S: fess:N:x fest:NJ: fester:V:
festering:G: festival-oriented:J: festival:N:t festivals:S: festive:J: festivities:S: festivity:N:a festooned:E: festooning:G: fetal-alcohol:J:
fetal-protection:J: fetal-tissue:JN: fetal-vulnerability:J: fetal:J: fetch:V: fetched:DE: fetches:P: fetching:GJ: fetchingly:R: fete:V: feted:DJE:
fetes:S: fetid:J: fetish:N:s fetishize:V: fettered:E: fetus:N:n fetuses:S: feud:N:a feudal:J: feudalism:N:g feudalistic:J: feuded:D: feuding:GN:
feuds:SP: fever:N:s fevered:J: feverish:J: feverishly:R: fevers:S: few:JNRS:g fewer-than-expected:J: fewer:JR: fewest:J: fez-wearing:J: ffreind:V:
fiance:N:p fiancee:N:p fiasco:N:a fiat:N:w fiber-coupled:J: fiber-end:J: fiber-optic:J: fiber-optics:N: fiber-photocathode:N: fiber-producing:J:
fiber-reinforced:J: fiber-related:J: fiber:N:x fiberglas:S: fiberglass:SN:x fiberoptic:J: fibers:S: fibrillation:N:s fibrin:N:x fibrocalcific:J:
fibrosis:N:s fibrous:J: ficials:S: fickle:J: fickleness:N:u fiction-writer:N: fiction-writing:N: fiction:N:w fictional:J: fictionalized:E: fictions:S:
fictitious:J: fictive:J: ficus:N:b fiddle:NV:x fiddling:NJG: fide:J: fidelity:N:u fidgeting:G: fiduciary:J: fiefdom:N:l fiefdoms:S: field-based:J:
field-crop-seeds:J: field-flattening:J: field-hands:N: field-officials:S: field-sequential:J: field-service:J: field-services:J: field:NJV:l
fielded:DE: fielder:N:p fielders:S: fieldhand:N:p fielding:NG:a fieldmice:N: fields:SP:p fieldstone:N:x fieldwork:N:x fiend:N:p fiendish:J: fierce:J:
fiercely:R: fierceness:N:u fiercer:J: fiercest:J: fiery:J: fiesta:N:a fifteen-mile:J: fifteen-minute:J: fifteen-sixteenths:S: fifteen:N:q
fifteenfold:R: fifteenth-century:J: fifteenth:J: fifth-best:J: fifth-biggest:J: fifth-century:J: fifth-consecutive:J: fifth-generation:J:
fifth-grade:N: fifth-highest:J: fifth-inning:N: fifth-largest:J: fifth-least:J: fifth-straight:J: fifth:JNR:q fifties:N:t fiftieth:J: fifty-cent:J:
fifty-dollar:J: fifty-fifty:J: fifty-ninth:J: fifty-odd:J: fifty-pound:J: fifty-year:J: fifty:N:q fig:N:w figger:V: figgered:D: fight:NV:a
fighter-bombers:S: fighter-jet:N: fighter-plane:N: fighter:N:p fighters:S: fightin:G: fighting:GJN:a fights:SP: figment:N:k figural:J: figurative:J:
figuratively:R: figure:NVP:w figured:DJE: figurehead:N:p figures:SP: figurine:N:x figuring:G: filagree:N:x filament:N:x filaments:S: filbert:J:
filberts:S: filched:DE: filde:E: file-those:N: file:VN:w filed:ED: filers:S: files:SP: filet:N:f filets:S: filial:J: filibuster:NV:p filibusters:S:
filigree:JN:x filing:NG:w filings:S: filipino:N:p fill-in:J: fill-ins:S: fill-or-kill:J: fill:VN:q filled:EJD: filler:N:x filleted:E: fillies:S:
filling:GN:x fillings:S: fillip:N:k fills:P: filly:N:n film-festival:N: film-maker:N: film-makers:S: film-making:J: film-processing:N: film:NV:w
filmed:EDJ: filming:G: filmmakers:S: filmmaking:N: films:S: filmstrips:S: filmy:J: filter:NV:x filtered:EJ: filtering:GN: filters:SP: filth:N:x
filthy:J: filtration:N:s fin-syn:J: fin:N:q finagled:E: finagling:N: final:J: finale:N:w finalist:N:p finalists:S: finality:N:u finalized:ED:
finalizing:G: finally:R: finals:S: finance-director:N: finance-minister:N: finance:NV:a financed:EJD: financeer:N: financer:N: finances:SP:m
financial-aid:N: financial-crimes:S: financial-data:J: financial-futures:S: financial-industrial:J: financial-market:JN: financial-planning:J:
financial-related:J: financial-report:J: financial-service:NJ: financial-services:SJN: financial-support:J: financial:J: financially:R: financier:N:p
financiers:S: financing:NJG:a financings:S: finanicial:J: find:VN:k finder:N:p finders:S: finding:GN:a findings:S:g finds:PS: fine-arts:S:
fine-boned:J: fine-chiseled:J: fine-drawn:J: fine-feathered:J: fine-featured:J: fine-grained:J: fine-looking:J: fine-point:J: fine-tooth:J:
fine-tune:V: fine-tuned:J: fine-tuning:NGV: fine:JNRV:m fined:ED: finely-spun:J: finely:R: fineness:N:u finer:J: finery:N:x fines:SN: finesse:N:u
finessed:DE: finest:J: finetuning:G: finger-held:J: finger-paint:N: finger-pointing:NJ:w finger-post:N: finger-sucking:N: finger-tips:S: finger:NV:x
fingered:DE: fingering:GN:a fingerings:S: fingerlings:S: fingernail:N:x fingernails:S: fingerprint:N:w fingerprinting:NG:a fingerprints:S: fingers:S:
fingertip:N:x fingertips:S: finial:N:x finicky:J: fining:G: finish:VN:u finished:DJVE: finisher:N:p finishes:PS: finishing-school:N: finishing:GJN:u
finite-dimensional:J: finite:JN: finn:N:p finned:E: fins:S: fir:N:b fire-colored:J: fire-control:J: fire-crackers:S: fire-engine:J: fire-fighting:JN:
fire-resistant:J: fire:NV:a firearm:N:x firearms:S: fireball:N:s fireballs:S: firebombed:E: firebombing:N: firebombs:S: firebrand:N:x firebreaks:S:
firebug:N:p firecracker:N:x firecrackers:S: fired:ED: firefighter:N:p firefighters:S: firefighting:N: firehoops:S: firehouses:S: firelight:N:s
fireman:N:a firemen:S: fireplace:N:x fireplaces:S: firepower:N:u fireproofing:NG: fires:SP: fireside:N:l firestorm:N:s firewall:N:a firewater:N:f
fireweed:N:b firewood:N:x firework:N:x fireworks:S: firing:GJN:a firings:S: firm:NJV:g firma:N: firmed:DE: firmer:JR: firming:GN: firmly:R:
firmness:N:u firms:SP: firmwide:R: first-aid:N: first-amendment:J: first-base:J: first-bracket:N: first-class:JN: first-degree:JN: first-eight:J:
first-ever:J: first-families:S: first-floor:JN: first-grader:N: first-half:JN: first-hand:JR: first-home:J: first-level:J: first-mortgage:JN:
first-nighter:N:p first-nine-month:J: first-order:J: first-period:J: first-person:N: first-phase:J: first-place:J: first-preference:N:
first-preferred:J: first-quarter:JN: first-rate:J: first-refusal:J: first-run:J: first-section:J: first-six:J: first-strike:J: first-term:J:
first-three:J: first-time:J: first-year:J: first:N:z firsthand:RJN: firstpreference:N: firstround:J: firsts:S: fiscal-agent:N: fiscal-first-quarter:J:
fiscal-first:J: fiscal-fourth:J: fiscal-third:J: fiscal-year:JN: fiscal:JIN: fiscally:R: fish-export:J: fish-processing:J: fish:NRVS:n fishbowl:N:s
fished:E: fisher:N:p fisheries:S: fisherman:N:p fishermen:S: fishers:S: fishery:N:x fishes:SP: fishin:G: fishing-boat:N: fishing:NGJ:a fishmonger:N:p
fishmongers:S: fishpond:N:x fishwife:N:p fishy:J: fission:N:s fissionable:J: fissured:E: fissures:S: fist-fighting:N: fist:NR:x fisted:D: fistfight:N:a
fists:S: fit-looking:J: fit:VEJNRD:s fitful:J: fitfully:R: fitness-promoting:J: fitness:N:u fits:PS: fitted:EDJ: fittest:J: fitting:JNG:a fittings:S:
five-a-week:J: five-and-a-half:N: five-and-dime:JN: five-and-twenty:J: five-blade:J: five-block:J: five-by-eight-inch:J: five-cent:J: five-column:J:
five-consecutive:J: five-coordinate:J: five-count:J: five-course:J: five-cylinder:J: five-day:J: five-days-a-week:J: five-fold:J: five-foot-wide:J:
five-foot:J: five-gallon:J: five-game:J: five-home-run:J: five-home:J: five-hour:J: five-hundred-dollar:J: five-hundred-year-old:J: five-inch:J:
five-judge:J: five-member:J: five-mile:J: five-minute:J: five-month-old:J: five-month:J: five-nation:J: five-party:J: five-percentage-point:J:
five-person:J: five-pfennig:J: five-ply:J: five-point:J: five-pound:J: five-round:J: five-row:J: five-session:JN: five-seventeen:J: five-speed:J:
five-star:J: five-story:J: five-volume:J: five-week:J: five-year-old:J: five-year:J: five-years:S: five:N:q fivefold:JR: fiveyear:J: fix:VN:s
fixable:J: fixated:E: fixation:N:s fixations:S: fixed-dollar:J: fixed-income:NJ: fixed-price:J: fixed-rate:JN: fixed-repayment:J: fixed-term:N:
fixed:EJD: fixedrate:JN: fixer:N:p fixers:S: fixes:S: fixing:GN:a fixture:N:x fixtured:D: fixtures:S: fizzes:P: fizzled:DE: fizzles:P: fizzy:N:
fjords:S: flabbergasted:JE: flabbiness:N:u flaccid:J: flag-burner:N: flag-burning:N: flag-stick:N: flag-waver:N:p flag-wavers:S: flag:NV:x
flagellated:E: flagellation:N:a flageolet:N:f flagged:D: flagging:JG: flagpole:N:x flagpoles:S: flagrant:J: flagrantly:R: flags:SP: flagship:NJ:x
flagships:S: flail:N:x flailed:D: flailing:G: flair:N:k flak:N:p flakes:S: flaky:J: flamboyant:J: flamboyantly:R: flame-throwers:S: flame:NV:s
flamed:DE: flames:S: flaming:JG: flammable:J: flange:N:x flanged:E: flank:N:g flanked:DE: flanker:N:p flanking:G: flannel:N:x flannels:S: flap:N:x
flapped:D: flapper:N:p flappers:S: flapping:GJ: flaps:S:x flare:NV:u flared:DEJ: flares:SP: flaring:GJ: flash-bulbs:S: flash-cubes:S: flash:NVJ:a
flashback:N:w flashbacks:S: flashed:DE: flasher:N:p flashes:SP: flashier:J: flashing:GN:a flashlight-type:J: flashlight:N:x flashlights:S:
flashpoint:N:s flashy:J: flask:N:x flat-bed:JN: flat-bottomed:J: flat-footed:JR: flat-headed:J: flat-out:JR: flat-panel:J: flat-rolled:J:
flat-to-lower:J: flat-topped:J: flat:JNR:x flatcars:S: flathead:J: flatiron:N:x flatish:J: flatland:N: flatlands:S: flatly:R: flatness:N:u
flatnesses:S: flatout:N: flats:S:x flatten:V: flattened:EDJ: flattening:GN: flattens:P: flatter:V: flattered:EJD: flattering:J: flatteringly:R:
flatters:P: flattery:N:w flattest:J: flattish:J: flatulence:N:s flatulent:J: flatus:N:a flatware:N:x flaunt-your-wealth:J: flaunt:V: flaunted:D:
flaunting:G: flaunts:P: flautist:N:p flavor:N:s flavored:JE: flavorful:J: flavoring:NG:f flavorings:S: flavors:S: flaw:N:s flawed:JE: flawless:J:
flaws:S: flax:N:x flaxen:J: flaxseed:N:x flay:V: flea-infested:J: flea:N:n fleas:S: fleawort:N:b fleck:N:x flecked:E: fled:DE: fledging:G:
fledgling:NJ:p fledglings:S: flee:V: fleece:N:x fleeced:E: fleeing:G: flees:P: fleet:NJ:g fleetest:J: fleeting:J: fleets:SP: flesh:NV:x fleshpots:S:
fleshy:J: flew:D: flex-time:J: flex:NJV:a flexed:D: flexers:S: flexibility:N:u flexible:J: flexicoker:N: flexing:G: flextime:N: flexural:J: flick:N:a
flicked:D: flicker:NV:a flickered:DE: flickering:G: flicking:G: flicks:S: flied:D: flier:N:p fliers:S: flies:PS:l flight-attendant:N:
flight-attendants:S: flight-control:N: flight-crew:N: flight-to-quality:JN: flight:N:g flightiness:N:u flights:S: flighty:J: flim-flam:N:
flim-flammery:N: flimflam:N:a flimsies:S: flimsy:J: flinch:V: flinched:D: flinching:G: fling:NV:a flinging:G: flings:S: flint:N:x flintless:J:
flinty:J: flip-flop:NVJ:k flip-flopped:J: flip:JV: flippant:J: flippantly:R: flipped:D: flippers:S: flipping:GJR: flips:PS: flirt:V: flirtation:N:a
flirtatious:J: flirted:DE: flirting:G: flit:V: flitting:G: flng:V: float:VN:t floated:DE: floater:N:s floating-load:J: floating-point:JN:
floating-rate:JN: floating:GJ: floats:P: floc:N:x flocculated:E: flocculation:N:s flock:NV:g flocked:DE: flocking:G: flocks:S: floe:N:x floes:S:
flog:V: flogged:D: flood-control:J: flood-insurance:N: flood-lighted:J: flood-prone:J: flood-ravaged:J: flood:NV:s flooded:ED: floodhead:N:s
floodheads:S: flooding:GN:a floodlight:N:x floodlighted:E: floodlit:J: floods:S: floor-covering:N: floor-length:J: floor-level:J: floor-to-ceiling:J:
floor:N:x floorboard:N:x floorboards:S: flooring:N:x floors:S: floorshow:N:a flop:NV:s flopped:DE: floppies:S: floppy-disk:N: floppy-tie:J: floppy:J:
flops:PS: flora:SN:g floral:J: florence:N:l florid:J: florida:N:l floridian:N:p florist:N:p flotation-type:J: flotation:N:s flotations:S: flotilla:N:x
flotillas:S: flounce:V: flounced:E: flounder:V: floundered:ED: floundering:GJ: flounders:P: flour-milling:JN: flour:N:f floured:E: flourish:VN:w
flourished:DE: flourishes:SP: flourishing:GJ: flout:V: flouted:E: flouting:NG: floutingly:R: flow:NV:a flowchart:N:w flowed:DE: flower-bordered:J:
flower-inscribed:J: flower-scented:J: flower:NV:b flowerbed:N:x flowered:JDE: flowering:NG:s flowerpot:N:x flowers:S: flowing:GJ: flown:E: flows:SP:
flu-like:J: flu:N:s flubbed:D: fluctuate:V: fluctuated:DE: fluctuates:P: fluctuating:G: fluctuation:N:a fluctuations:S: flue-cured:J: flue:N:x
fluency:N:w fluent:J: fluently:R: fluff:N:x fluffy:J: fluid-filled:J: fluid:NJ:x fluidity:N:u fluids:S: fluke:N:s flung:DE: flunk:V: flunked:DE:
flunking:G: flunky:N:p fluorescein-labeled:J: fluorescein:N:x fluorescence:N:s fluorescent:J: fluoresces:P: fluoride:N:x fluorinated:E: fluorine:N:x
fluoroboride:N:x fluoropolymer:N: fluoropolymers:S: flurried:D: flurries:S: flurry:NV:a flush:JNRV:t flushed:ED: flushes:P: flushing:NG: flustered:E:
flute:N:x fluted:E: flutes:S: fluting:N:x flutist:N:p flutter:N:a fluttered:D: fluttering:G: flux:N:t fluxes:S: fly-boy:N: fly-by-night:J:
fly-by-nighters:S: fly-dotted:J: fly-fishing:N:a fly:VN:n flyaway:J: flyer:N:w flyers:S: flying-mount:N: flying:GJN:a flyway:N:l flyways:S: fm:N:w
foal:N:n foals:S: foam:NV:x foamed-core:J: foamed-in-place:J: foamed:JDE: foaming:NG: foams:S: foamy-necked:J: foamy:J: focal:J: focally:R: foci:S:
focus-group:J: focus:NV:k focused-factory:J: focused:EJD: focuses:PS: focusing:GN:k focussed:ED: fodder:N:p foe:N:p foes:S: fog-enshrouded:J:
fog-free:J: fog:NV:s fogged:J: foggy:J: fogy:N:p foh:I: foible:N:u foibles:S: foil:NV:x foiled:EJD: foiling:G: foisted:DE: fold:VN:u foldability:N:
foldable:J: folded:EDJ: folder:N:w folders:S: folding:GJN:s folds:SP: foliage:N:b folio:N:w folk-dance:N: folk-lore:N: folk-music:N: folk-tale:N:
folk:NS:g folkish:J: folklike:J: folklore:N:k folks:S:g folksongs:S: folksy:J: follicular:J: follies:S:w follow-on:J: follow-through:JIN:a
follow-up:NJ:x follow-ups:S: follow:V: followed:DJE: follower:N:p followers:S:g followership:N: followeth:P: following:GJN:g followings:S: follows:P:
followthrough:J: followup:J: folly:N:u foment:V: fomented:D: fomenting:G: foments:P: fond:JNV: fonder:J: fondest:J: fondled:E: fondly:R: fondness:N:s
font:N:w fontanel:N:x fonts:S: food-aid:J: food-canning:N: food-color:N: food-fish:S: food-importing:J: food-industry:N: food-packaging:J:
food-poisoning:NJ: food-preservation:N: food-processing:NJ: food-production:N: food-products:S: food-safety:JN: food-scare:N: food-sector:J:
food-service:NJ: food-services:S: food-shop:J: food:N:z foods:S: foodservice:N: foodstuff:N:x foodstuffs:S: fool:NJV:p fooled:E: foolhardy:J:
fooling:GN: foolish:J: foolishly:R: foolishness:N:u foolproof:J: fools:S: foot-dragging:N: foot-high:J: foot-loose:J: foot-tall:J: foot-thick:J:
foot:NVJ:x footage:N:x football:N:a footballer:N:p footballs:S: footbridge:N:x footfall:N:a footfalls:S: foothill:N:x foothills:S: foothold:N:l
footholds:S: footing:NG:s footlights:S:x footloose:J: footman:N:p footnote:N:w footnoted:E: footnotes:S: footpath:N:x footprint:N:w footprints:S:
footstep:N:a footsteps:S: footstool:N:x footsy:N: footwear:N:x footwork:N:a foppish:J: for-profit:J: for:ICJR: forage:NJ:f forages:S: foraging:NG:a
foray:N:a forays:SP: forbad:D: forbade:D: forbearance:N:u forbears:S: forbid:VU: forbidden:EJ: forbidding-looking:J: forbidding:GJ: forbids:P:
forbore:D: forborne:V: force-fear:J: force-feeding:N: force-level:J: force-rate:N: force:NV:u forced:EJD: forceful:J: forcefully:R: forcefulness:N:u
forces:SP: forcibly:R: forcing:G: fords:S: fore-play:N: fore:NR:x forearm:N:x forearms:S: forebear:N:p forebears:S: foreboding:NJ:s forecast:NDEV:w
forecasted:E: forecaster:N:p forecasters:S: forecasting:NJG:w forecasts:SP: foreclose:V: foreclosed:EJD: foreclosing:G: foreclosure:N:a foreclosures:S:
forefather:N:p forefathers:S: forefeet:N: forefinger:N:x forefingers:S: forefront:N:l forego:V: foregoing:NJG: foregone:JE: foreground:N:k forehead:N:x
foreheads:S: foreign-affairs:S: foreign-aid:NJ: foreign-airline:N: foreign-assistance:N: foreign-bank:J: foreign-based:J: foreign-car:N:
foreign-country:J: foreign-currency:NJ: foreign-debt:NJ: foreign-entry-limit:J: foreign-equity:N: foreign-exchange-rate:JN: foreign-exchange:JN:
foreign-flag:N: foreign-investment:J: foreign-investor:N: foreign-led:J: foreign-loan:J: foreign-made:J: foreign-movie:N: foreign-owned:J:
foreign-ownership:N: foreign-policy:NJ: foreign-sounding:J: foreign-stock:J: foreign-trade:JN: foreign-trading:J: foreign-transaction:N: foreign:J:
foreigner:N:p foreigners:S: foreknowledge:N:w foreknown:V: foreleg:N:n foreman:N:p foremost:JR: forensic:J: forensics:S:a forepart:N:l forepaws:S:
forerunner:N:p forerunners:S: foresaw:D: foresee:V: foreseeable:J: foreseeing:G: foreseen:E: foresees:P: foreshadow:V: foreshadowed:E: foreshadowing:G:
foreshortened:E: foreshortening:G: foresight:N:u forest-product:N: forest-products:SJ: forest:N:g forestall:V: forestalled:E: forestry:N:k forests:S:
foretell:V: forethought:N:k forever:R: foreword:N:w forfeit:VN:m forfeitable:J: forfeited:E: forfeiting:G: forfeiture:N:m forfeitures:S: forgave:D:
forge:VN:x forged:EJD: forger:N:p forgeries:S: forgery:N:x forges:P: forget:V: forgetful:J: forgetfulness:N:k forgets:P: forgettable:J: forgetting:G:
forging:G: forgings:S: forgit:V: forgitful:J: forgive:V: forgiven:E: forgiveness:N:s forgiving:GJ: forgo:V: forgoes:P: forgone:J: forgot:DE:
forgotten:EJ: forint:N:q forints:S: fork-lift:N: fork:NV:x forked:JDE: forking:G: forklift:N:x forklifts:S: forks:S: forlorn:J: forlornly:R:
form-creating:J: form-dictionary:N: form-letter:JN: form:NVJ:w formability:N: formal:J: formaldehyde:N:x formalism:N:k formalities:S:a formality:N:a
formalize:V: formalized:JE: formalizes:P: formally:R: format:N:w formation:N:g formations:S: formative:JN:w formats:S: formed-tooth:J: formed:EDJ:
former:JN:z formerly:R: formidable-appearing:J: formidable:J: formidably:R: forming:GN: forms-processing:N: forms:SP: formula-based:J: formula:N:w
formulae:S: formulaic:J: formulas:S: formulate:V: formulated:ED: formulates:P: formulating:G: formulation:N:x formulations:S: forsake:V: forsaken:E:
forsakes:P: forseeable:J: forswears:P: forswore:D: fort:NV:x forte-piano:N:x forte-pianos:S: forte:N:u forth:R: forthcoming:JG: forthright:J:
forthrightly:R: forthrightness:N:u forthwith:R: forties:N:t fortification:N:x fortifications:S: fortified:EDJ: fortify:V: fortitude:N:u fortnight:N:t
fortress-like:J: fortress:N:x fortresses:S: forts:S: fortuitous:J: fortuitously:R: fortunate:J: fortunately:R: fortune-cookie:N: fortune-happy:J:
fortune-tellers:N: fortune:N:s fortunes:S: forty-fold:J: forty-niners:S: forty-year:J: forum:N:g forums:S: forward-looking:J: forward-moving:J:
forward-rate:J: forward:RJNV:p forwarded:E: forwarders:S: forwarding:NG:a forwards:R: fossil:JN:p fossilized:J: fossils:S: foster-care:J: foster:VJ:
fostered:ED: fostering:GN:w fosters:P: fought-for:J: fought:DE: foul-mouthed:J: foul-smelling:J: foul-up:N:a foul-ups:S: foul:JRVU: fouled:DJE:
foulest:J: fouling:NG: foully:R: found:DEV: foundation-stone:N: foundation:N:z foundations:S: founded:ED: founder-conductor:N: founder-originator:N:
founder:NV:s foundered:D: foundering:GJ: founders:S: founding:NGJ:a foundling:N:p foundry:N:x founds:P: fountain-falls:S: fountain-head:N: fountain:N:x
fountainhead:N:w fountains:S: four-bagger:N: four-cents-a-share:J: four-color:J: four-count:J: four-crate:J: four-cylinder:J: four-day:J: four-door:J:
four-element:J: four-engined:J: four-family:J: four-fold:JR: four-foot-high:J: four-for-one:R: four-game:J: four-games-to-one:J: four-hour:J:
four-in-hand:J: four-inch:J: four-jet:J: four-lane:J: four-letter:J: four-man:J: four-megabit:J: four-member:J: four-mile:J: four-minute:J:
four-month-old:J: four-month:J: four-nation:J: four-page-a-minute:J: four-page:J: four-part:J: four-person:J: four-point:J: four-quarter:J:
four-room:J: four-sided:J: four-speed:J: four-square-block:J: four-square:N: four-star:J: four-stock:J: four-story:J: four-stroke:J: four-syllable:J:
four-thirty:R: four-to-one:R: four-week:J: four-wheel-drive:NJ: four-wheel:J: four-wood:J: four-year-old:J: four-year:J: four:N:q fourfold:RJ: fours:S:
foursome:N:g fourteen-nation:N: fourteen-team:J: fourteen-year-old:J: fourteen:N:q fourteenth:J: fourth-biggest:J: fourth-century:J: fourth-class:J:
fourth-consecutive:J: fourth-down:N: fourth-fifths:S: fourth-flight:J: fourth-generation:J: fourth-grade:J: fourth-hand:J: fourth-largest:J:
fourth-level:J: fourth-period:J: fourth-quarter:JN: fourth-ranked:J: fourth-ranking:J: fourth:JR: fourthquarter:N: foward:J: fowl:N:n fox-hounds:S:
fox-terrier:N: fox:N:n foxes:S: foxholes:S: foxtail:N:b foyer:N:x fps:S:g fracas:N:w fracases:S: fraction:N:x fractional:J: fractionally:R:
fractionated:ED: fractionation:N:s fractioning:G: fractions:S: fractious:J: fracture:N:s fractured:EJD: fractures:SP: fracturing:G: fragile:J:
fragility:N:u fragment:N:x fragmentarily:R: fragmentary:JR: fragmentation:N:a fragmentations:S: fragmented:JE: fragments:SP: fragrance:N:k
fragrances:S: fragrant:J: frail:J: frailest:J: frailties:S: frambesia:N:s frame:NV:x framed:EDJ: framers:S: frames:S: framework:N:k framing:NG:a
franc-denominated:J: franc:N:q france:N:l franchise:NV:w franchised:EJ: franchisee:N: franchisees:S: franchiser:N: franchisers:S: franchises:SP:
franchising:NG: franchisor:N: francs:S: frangipani:S:b frank:JN:p franked:JE: franker:J: frankest:J: frankfurter:N:f frankfurters:S: franking:NG:
frankly:R: frankness:N:u franks-in-buns:S: franks:S: frantic:J: frantically:R: fraternisation:N:a fraternities:S: fraternity:N:g fraternize:V:
fraternized:D: fraud-related:J: fraud:N:a frauds:S: fraudulent:J: fraudulently:R: fraught:J: fray:NV:a frayed:JE: fraying:G: frazzled:E: freak:NV:p
freaked:E: freakish:J: freakishly:R: freaks:S: freckle:N:x freckled:J: freckles:S: free-agent:N: free-blown:J: free-burning:J: free-buying:J:
free-choice:J: free-drink:J: free-enterprise:N: free-fall:JN: free-falling:J: free-floater:N: free-for-all:N:a free-holders:S: free-lance:J:
free-mail:N: free-market-oriented:J: free-market:JN: free-marketer:N: free-marketers:S: free-on-board:J: free-speech:N: free-spending:J:
free-spirited:J: free-spiritedness:N: free-standing:J: free-thinkers:S: free-trade:JN: free-traders:S: free-travel:J: free-wheeling:J: free-world:J:
free:JRV: freebase:N: freebies:S: freebooters:S: freed:EJD: freedmen:S: freedom-conscious:J: freedom-loving:J: freedom:N:s freedoms:S: freefall:N:
freehand:JR: freeholders:S: freeing:GN:a freelance:J: freelancers:S: freelancing:N: freely:R: freemail:N:w freeman:N:p freemarket:JN: freer-spending:J:
freer:J: frees:P: freescrip:N: freespender:N: freest:J: freestylers:S: freethinkers:S: freeway:N:x freeways:S: freewheeler:N:p freewheelers:S:
freewheeling:J: freeze-drying:N:s freeze-out:JN: freeze:NV:s freezer:N:x freezers:S: freezes:PS: freezing:GJN:s freight-bums:S: freight-car:N:
freight-cost:J: freight-forwarding:J: freight-hauling:J: freight-jumper:N: freight-rate:J: freight-transport:JN: freight:NV:x freighter:N:x
freighters:S: freights:S: french:JNS:w frenchman:N:p frenetic:J: frenzied:J: frenziedly:R: frenzy-free:J: frenzy:N:s frequencies:S:
frequency-control:J: frequency-independent:J: frequency-modulation:N: frequency:N:t frequent-flier:J: frequent-flyer:N: frequent:JV: frequented:DE:
frequently:R: frequents:P: fresco:N:x frescoed:J: frescoes:S: frescoing:N: frescos:S: fresh-faced:J: fresh-fruit:JN: fresh-ground:J: fresh-perked:J:
fresh:J: freshborn:N: freshened:E: fresher:J: freshly-ground:J: freshly:R: freshman:N:p freshmen:S: freshness:N:u freshwater:J: fret:VN:s frets:P:
fretted:D: fretting:G: freud:N:p friable:J: friar:N:p friction-free:J: friction:N:s frictional:J: frictionless:J: frictions:S: friday:N:t fridge:N:x
fried:JE: friend-of-the-court:J: friend:N:p friendlier:JR: friendlily:R: friendliness:N:s friendly:J: friends:S: friendship:N:s friendships:S:
friers:S: fries:S:f frieze:N:x friezes:S: frigate:N:x frigates:S: fright:N:s frighten:V: frightened:EJD: frightening:JG: frighteningly:R: frightens:P:
frightful:J: frightfully:R: frigid:J: frill:N:x frills:S: frilly:J: fringe-benefit:N: fringe:NJ:u fringed-wrapped:J: fringed:EJ: fringes:S:
fripperies:S: frisky:J: frittered:E: frittering:G: fritters:S: frivolities:S: frivolity:N:u frivolous:J: frivolously:R: frizzled:J: frizzling:G: fro:R:
frock:N:x frocks:S: frog-eating:J: frog-haiku:N: frog:N:n frogmen:S: frogs:S: frolic:NV:a frolicked:E: frolicking:G: frolics:S: from:IR: fronds:S:
front-back:J: front-desk:NJ: front-end:J: front-line:JN: front-loaded:J: front-loaders:S: front-loads:P: front-office:N: front-page:JN:
front-runner:N:p front-runners:S: front-running:J: front-seat:N: front:NJR:l frontage:N:u frontal:J: fronted:D: frontend:N: frontier:N:l frontiers:S:
frontiersmen:S: fronting:GN: frontrunner:N: fronts:S: fros:S: frost-bitten:J: frost:N:x frostbite:N:s frosted:D: frosting:N:f frosty:J: froth:NV:x
frothier:R: frothing:GN: frothy:J: frown:V: frowned:DE: frowning:G: frowningly:R: frowns:P: frowzy:J: froze:DE: frozen-embryo:N: frozen-food:N:
frozen-foods:S: frozen-pizza:N: frozen:EJ: fructose:N:x frugal:J: frugality:N:u frugally:R: fruit-concentrate:J: fruit-flavored:J: fruit-juice:N:
fruit:N:b fruitbowl:N: fruitful:J: fruitfully:R: fruitfulness:N:u fruition:N:s fruitless:J: fruitlessly:R: fruits:S: fruity:J: frumpy:J: frustrate:V:
frustrated:EJD: frustrates:P: frustrating:JG: frustratingly:R: frustration:N:s frustrations:S: fry:NV:p fryers:S: frying:GN:a ft:N:q fuchsia:N:b
fuck:V: fucken:J: fucks:S: fuddy-duddy:J: fudge:VN:f fudged:D: fudging:N: fuel-cost:J: fuel-distribution:N: fuel-economy:N: fuel-efficiency:J:
fuel-efficient:J: fuel-guzzling:J: fuel-injected:J: fuel-neutral:J: fuel-services:S: fuel-storage:N: fuel:NV:x fueled:ED: fueling:GN:a fueloil:N:
fuels:SP: fugitive:JN:p fugitives:S: fugual:J: fugures:S: fulcrum:N:x fulfill:V: fulfilled:ED: fulfilling:G: fulfillment:N:s fulfills:P: fulfilment:N:s
fulfull:V: full-banded:J: full-blown:JN: full-bodied:J: full-body:J: full-clad:J: full-commission:J: full-dress:J: full-fledged:J: full-grown:J:
full-length:JN: full-of-the-moon:N:t full-on:J: full-page:J: full-point:J: full-power:J: full-range:J: full-scale:J: full-season:J: full-service:J:
full-sisters:S: full-size:J: full-sized:J: full-spectrum:N: full-strength:J: full-throated:J: full-time:JR: full-year:J: full:JR: fullback:N:p
fullbacking:G: fuller:J: fullest:J: fulllength:J: fullness:N:s fullscale:J: fully-diluted:J: fully:R: fullyear:J: fulminate:V: fulminating:G:
fulminations:S: fumble:N:a fumbled:D: fumbling:GJ: fume-filled:J: fumed-oak:JN: fumed:D: fumes:SP:x fumigant:N:x fumigants:S: fuming:G: fumpered:D:
fun-filled:J: fun-in-the-sun:J: fun-loving:J: fun:NJ:a function:NV:z functional:JN: functionalism:N:k functionally:R: functionaries:S: functionary:N:p
functioned:DE: functioning:GN:s functions:SP: fund-objective:J: fund-raiser:N: fund-raisers:S: fund-raising:NJ: fund-research:JN: fund-selling:J:
fund:NV:m fundamantal:J: fundamantalist:N: fundamental:J: fundamentalism:N:k fundamentalist:JN:p fundamentalists:S: fundamentally:R: fundamentals:S:k
funded:EDJ: funding:NG:m fundraiser:N:p fundraisers:S: fundraising:GN: funds-management:N: funds-service:J: funds:SP:m funeral-accessories:S:
funeral:NJ:a funerals:S: fungal:J: fungi:S:b fungible:J: fungicides:S: fungus-produced:J: fungus:N:b funks:S: funky:J: funn-eeee:J: funn-ih:J:
funnel:VN:u funneled:DE: funneling:G: funnels:S: funnier:J: funniest:J: funny:J: fur-and-leather:J: fur-lined:J: fur-making:J: fur-piece:N:x
fur-production:J: fur:N:x furbishing:N: furious:J: furiouser:R: furiously:R: furled:D: furlong:N:q furlongs:S: furlough:N:t furloughed:E: furloughs:S:
furnace:N:x furnaces:S: furnish:V: furnished:EDJ: furnishes:P: furnishing:NG:x furnishings:S: furniture:N:x furor:N:k furrier:N:p furriers:S:
furrow:N:x furrowed:JE: furrows:SP: furry:J: furs:S: further:JRV: furthered:DE: furthering:G: furthermore:R: furthers:P: furthest:JR: furtive:J:
furtively:R: fury:N:s fuse:NV:x fused:ED: fuselage:N:x fuses:S: fusiform:J: fusillade:N:a fusillades:S: fusing:GN: fusion:N:a fuss:NV:s fusses:P:
fussily:R: fussing:G: fussy:J: fusty:J: futile:J: futility:N:u future-day:J: future-time:J: future:NJ:t futureeither:N: futures-exchange:N:
futures-investment:J: futures-market:N: futures-related:J: futures-trading:J: futures:S: futurist:N:p futuristic:J: futurists:S: fuzz:N:b fuzzed:DE:
fuzzier:J: fuzzy:J: fy:V: g-p:N: g:N:q gab:N:w gabardine:N:x gabbing:G: gabble:N:w gabbling:G: gable:N:x gadflies:S: gadfly:N:p gadget:N:x gadgetry:N:x
gadgets:S: gaffes:S: gag:N:w gage:NV:x gages:S: gagged:ED: gagging:G: gaggle:N:g gaging:N: gagline:N: gags:S: gagwriter:N:p gagwriters:S: gaiety:N:s
gaily:R: gain:NV:q gained:DEV: gainer:N:p gainers:S: gainful:J: gaining:G: gains-tax-cut:J: gains-tax:JN: gains:SNP: gait:N:t gaited:J: gaiters:S:
gal:NJ:q gala:JN:a galactic:J: galaxies:S: galaxy:N:g gale:N:s gall-bladder:N: gall:NV:s gallant:J: gallantry:N:u gallants:S: gallbladder:N:x galled:E:
galleries:S: gallery:N:g galley:N:x galleys:S: galling:J: gallium:N:x gallivantin:N: gallon:N:q gallonage:N: gallons:S: gallop:NV:a galloped:E:
galloping:GJ: gallows:NS:x galls:S: gallstone:N:x gallstones:S: gallus-snapping:J: gallus:N:x gals:S: galvanic:J: galvanism:N:s galvanize:V:
galvanized:JDE: galvanizing:GN: gambit:N:w gambits:S: gamble:NV:m gambled:E: gambler-politician:N: gambler:N:p gamblers:S: gambles:S: gambling:NG:a
game-management:N: game-show:JN: game-shows:S: game-winning:J: game:N:a gamebird:N: gamecock:N:n gamekeeper:N:p games:S: gamesmen:S: gametes:S:
gametocide:N: gamin:N:p gaming-card:N: gaming-industry:N: gaming:N:a gamma:NJ:w gamut:N:u gander:N:n gang:NV:g gangbusters:S: ganging:G: gangland:N:g
gangling:J: ganglion:N:x gangplank:N:x gangs:S: gangster:N:p gangsterish:J: gangsters:S: gangway:N:x gantlet:N:w gap:N:u gaped:DE: gaping:GJ: gapped:D:
gaps:S: gapt:N: garage:NV:x garaged:E: garages:S: garb:N:x garbage-disposal:NJ: garbage-in:J: garbage-incinerator:N: garbage-out:J:
garbage-to-energy:J: garbage:N:x garbed:E: garbled:E: garden-shrub:N: garden-variety:N: garden:NV:x gardened:D: gardener:N:p gardeners:S:
gardenettes:S: gardenia:N:b gardenias:S: gardening:NG:a gardens:SP: gargantuan:J: gargle:N:x garish:J: garishness:N:u garland:N:p garlanded:D:
garlic:N:b garment-industry:N: garment:N:x garments:S: garner:V: garnered:DE: garnet:N:x garnish:N:f garoupa:N: garrison:NV:x garrisoned:E:
garroting:G: garrulous:J: garter:N:x gas-company:N: gas-cooled:J: gas-derived:J: gas-fired:J: gas-gathering:JG: gas-glass:N: gas-guzzling:J:
gas-one-tenth:N: gas-pipeline:J: gas-producing:JN: gas-saving:J: gas-station:J: gas-tax-increasing:J: gas-tax:N: gas-turbine:J: gas:NV:s gasconade:V:
gaseous:J: gases:S: gash:N:s gashes:S: gasket:N:x gaskets:S: gaslights:S: gasoline-powered:J: gasoline:N:x gasolines:S: gasp:NV:a gasped:D: gasping:G:
gaspingly:R: gasps:S: gassed:E: gasser:N: gasses:S: gassing:N:s gassings:S: gassy:J: gastric:J: gastro-intestinal:J: gastrocnemius:N:x
gastrointestinal:J: gastronomes:S: gastronomy:N:f gate-post:N: gate:N:x gatepost:N:x gates:SP:p gateway:N:x gateways:S: gather:V: gathered:DE:
gathering-in:N: gathering:NG:g gatherings:S: gathers:P: gauche:J: gaucherie:N:u gaucheries:S: gaucho:N:p gaudy:J: gauge:NV:x gauged:ED: gauges:PS:
gauging:G: gaunt:J: gauntlet:N:w gauss:N:q gauze:N:x gave:D: gavotte:N:a gavottes:S: gawky:J: gay-bashing:J: gay-ess:V: gay-rights:S: gay-student:J:
gay:J: gayety:N: gays:S: gaze:NV:a gazed:D: gazelle:N:n gazer:N: gazes:P: gazing:G: gazpacho:N:f gear-box:N: gear-sets:S: gear:NV:x gearboxes:S:
geared:ED: gearing:G: gears:SP: gearset:N:x gee:U: geeing:G: geeks:S: geered:E: geese:S: gegenschein:N:s gel:N:x gelatin-like:J: gelatin:N:x
gelding:N:n geldings:S: gels:P: gem:N:x gemlike:J: gems:S: gemsbok:S:n gemstone:N:x gen:N:w gendarme:N:p gender:NV:w genders:S: gene-copying:J:
gene-replication:N: gene-splicing:NJ:k gene-therapy:N: gene:N:x genealogies:S: genera:N: general-appeal:J: general-director:N: general-election:NJ:
general-insurance:N: general-interest:J: general-management:N: general-merchandise:N: general-practice:J: general-practitioner:N: general-purpose:J:
general-staff:JN: general:JN:p generalist:N:p generalists:S: generalities:S: generality:N:k generalization:N:k generalizations:S: generalize:V:
generalized:JE: generally:R: generalpurpose:J: generals:S: generalship:N:k generate:V: generated:EDG: generates:P: generating:GN:
generation-skipping:J: generation:N:g generational:J: generations:S: generator:N:x generators:S: generic-drug:NJ: generic:J: generically:R:
generics-maker:N: generics:S: generosity:N:u generous:J: generously:R: genes:S: genesis:N:a genetic-engineering:J: genetic:J: genetically:R:
geneticist:N:p geneticists:S: genetics:S:k genial:J: genie:N:p genii:N: genital:J: genius:N:p geniuses:S: genocide:N:a genome:N:g genre:N:k genres:S:
genteel:J: gentian:N:b gentians:S: gentile:NJ:p gentility:N:u gentle:JV: gentleladies:S: gentlelady:N: gentleman:N:p gentlemanly:J: gentlemen:S:
gentleness:N:u gentler-sloping:J: gentler:J: gently:R: gentrified:E: gentry:N:g genuine:J: genuinely:R: genus:N:k geo-political:J: geocentric:J:
geochemistry:N:k geode:N:x geographer:N:p geographers:S: geographic:J: geographical:J: geographically:R: geography:N:k geologic:J: geological:J:
geologically:R: geologist:N:p geologists:S: geology:N:k geometric:J: geometrical:J: geometrically:R: geometry:N:k geopolitical:J: georgia:N:l
georgian:N:p geosciences:S: geothermal:J: geranium:N:b gerbera:N:b geriatric:J: germ:N:k german:N:p germane:J: germaneness:N:z germanium:N:x
germany:N:l germinal:J: germinate:V: germinated:J: germs:S: gerrymandering:N: gerundial:J: gestational:J: gesticulated:D: gesticulating:G: gesture:N:a
gestured:D: gestures:SP: gesturing:G: get-along:J: get-out-of-my-way:J: get-out-the-vote:J: get-rich-quick:J: get-together:N: get-togethers:S:
get-tough:J: get:V: getaway:N:u gether:V: gets:P: gettin:G: getting:G: geyser:N:x geysering:G: geysers:S: ghana:N:l ghastly:J: gherkins:S: ghetto:N:l
ghettos:S: ghost-busting:N: ghost:N:k ghostbusters:S: ghostbusting:N: ghosted:D: ghostlike:J: ghostly:J: ghosts:S: ghoul:N:p ghoulish:J: ghouls:S:
giant:NJ:n giants:S: gibberish:N:w gibbet:N:x gibe:N:w gibes:S: giblet:N:f giddiness:N:u giddy:J: gift-giving:NJ: gift-products:S: gift:N:m gifted:JE:
gifts:S: gig:N:x gigantic:J: giggle:N:w giggled:DE: giggles:S: giggling:G: gigolo:N:p gigue-like:J: gild:V: gilded:J: gilding:N:x gilt-edged:J:
gilt:JN:x gilts:S: gim:V: gimbaled:J: gimcracks:S: gimmick-ridden:J: gimmick:N:u gimmickry:N:g gimmicks:S: gimmicky:J: gin-and-tonics:S: gin:N:f
ginger:N:b gingerly:RJ: gingham:N:x ginkgo:N:b ginmill:N:x ginnin:G: ginning:N: gins:S: ginseng:N:b gird:V: girded:D: girder:N:x girders:S: girding:G:
girdle:N:x girds:P: girl-friend:N: girl-san:N: girl:N:p girlfriend:N:p girlfriends:S: girlie:N: girlish:J: girlishly:R: girls:S: girth:N:u gist:N:w
git:V: give-and-take:N:w give-away:J: give:VN:u giveaway:NJ:m giveaways:S: givebacks:S: given:EJ: givenness:N:u giver:N:p gives:P: giveth:PV: givin:G:
giving:GN:a gizmo:N:x gizmos:S: glacial:J: glacier-like:J: glacier:N:x glaciers:S: glad-handing:N: glad:J: glade:N:l gladiator:N:p gladly:R:
gladness:N:s glamor:N:u glamorize:V: glamorized:E: glamorous:J: glamour:N:u glance:NV:a glanced:D: glances:SP: glancing:GJ: gland:N:x glanders:S:s
glands:S: glandular:J: glare:NV:u glared:D: glares:P: glaring:JG: glaringly:R: glasnost:N:w glass-bottom:J: glass-container:NJ: glass-fiber:J:
glass-like:J: glass-making:NJ: glass-strewn:J: glass:N:x glasses:S:x glassless:J: glassware:N:x glassy:J: glaucoma:N:s glaze:NV:f glazed:E: glazes:S:
glazing:G: gleam:NV:u gleamed:D: gleaming:G: glean:V: gleaned:E: gleans:P: glee-club:N: glee:N:s gleeful:J: gleefully:R: gleened:E: glees:S: glen:N:x
glib:J: glibly:R: glibness:N:u glide-bombed:D: glide:V: glided:D: glider:N:x gliders:S: glides:P: gliding:G: glimmer:N:a glimmering:G: glimmers:S:
glimpse:N:a glimpsed:ED: glimpses:S: glint:N:a glinted:D: glinting:G: glissade:N:a glisten:NV:u glistened:D: glistening:G: glitch:N:s glitches:S:
glitter:N:u glitterati:S: glittered:DE: glittering:G: glittery:N: glitz:N:u glitzy:JN: gloat:VN:s gloated:D: gloaters:S: gloating:G: gloats:P:
glob-flakes:N: global-funds:J: global-market:J: global-news:N: global-warming:J: global:J: globalism:N: globalist:N: globalists:S: globalization:N:s
globalized:J: globalizing:G: globally:R: globe-girdling:J: globe-spanning:J: globe:N:x globes:S: globetrotter:N:p globigii:S: globulin:N:x globulins:S:
glomerular:J: glommed:D: gloom-and-doom:J: gloom:N:s gloomier:JR: gloomily:R: gloomy:J: glop:N:x glories:SP: glorification:N:s glorified:EJ:
glorifies:P: glorify:V: glorious:J: gloriously:R: glory:N:s glorying:G: gloss:VN:w glossary:N:w glossed:DE: glossy:J: glottal:J: glottochronological:J:
glottochronology:N:k glove:N:x gloved:EJ: glover:N: gloves:S: glow-in-the-dark:J: glow:NV:s glowed:D: glowered:DE: glowering:G: glowing:GJ: glows:S:
glucose:N:x glue:N:x glued:ED: glues:S: gluey:J: glum:JN: glumly:R: glut:NV:u glutamate:N:x glutamic:J: glutaric:J: gluten:N:f glutinous:J: gluts:S:
glutted:EJ: glutting:G: glutton:N:p gluttons:S: gluttony:N:u glycerin:N:x glycerine:N:x glycerol:N:x glycerolized:E: glycol:N:x glycols:S:
glycosides:S: gm:N:q gnarled:J: gnash:V: gnashing:G: gnaw:V: gnawed:D: gnawing:N: gnome:N:p gnomelike:J: gnomes:S: gnomon:N:x gnp:N:m go-ahead:N:w
go-along:J: go-around:N:a go-between:NI:p go-betweens:S: go-getters:S: go-go-go:N: go-go:J: go-it-alone:J: go-to-war:J: go:VJNR:t goad:N:x goaded:DE:
goal-line:N: goal-oriented:J: goal-values:S: goal:N:k goals:S: goat-drawn:J: goat:N:n goatee:N:x goats:S: gob:N:p gobble:NV:a gobbled:DE:
gobbledygook:N:w gobblers:S: gobbles:P: gobbling:G: goblins:S: god-like:J: god:N:p godamit:V: goddam:J: goddamit:U: goddammit:U: goddamn:UEJ:
goddamned:J: goddess:N:p godfather:N:p godhead:N:p godless:J: godlike:J: godliness:N:u godmother:N:p gods:S: godsend:N:a goes:P: goggle-eyed:J:
goggles:S:x goin:GNV: going-home:J: going-over:N:a going-private:J: going:GJN:a goings-on:S: goings:S: goitre:N:s goitrogen:N:x goitrogens:S:
gold-backed:J: gold-based:J: gold-card-carrying:J: gold-convertible:J: gold-filled:J: gold-leaf:JN: gold-mining-company:J: gold-mining:JN:
gold-oriented:J: gold-phone:N: gold-plated:J: gold-share:J: gold-wire:N: gold:NJ:m goldbanded:E: golden-crusted:J: golden-parachute:J: golden-share:N:
golden:J: goldfish:N:n golds:S: goldsmith:N:p goldstock:N: golf-ball:N: golf:N:a golfed:E: golfer:N:p golfers:S: golfing:NG:a golfs:S: golly:U: gon:GV:
gone:EJ: goner:N:p gonna:G: gonne:E: goo:N:x good-by:UR: good-bye:NJU:w good-cop:J: good-driver:J: good-faith:NJ: good-for-you:J: good-hearted:J:
good-humored:J: good-humoredly:R: good-living:J: good-looking:J: good-natured:J: good-news:N: good-night:J: good-quality:J: good-size:J:
good-til-canceled:J: good-till-canceled:J: good-will:JN: good:JNR:u goodbye:NU:w goodies:S: goodness:N:u goodnight:N: goods-producing:J: goods:S:
goodwill:N:m goody:U: gooey:J: goof-offs:S: goofed:D: goofiness:N: goofing:G: goofy:J: goons:S: goooolick:N: goose-stepping:G: goose:N:n gooseberry:N:b
goosey:J: gooshey:J: gop:N:g gore:V: gored:E: gorge:N:x gorged:D: gorgeous:J: gorgeously:R: gorges:SP: gorging:G: gorilla:N:n gorillas:S: gorup:N:
gory:J: gosh:U: gospel:N:w gospeler:N:p gospels:N:w gossamer:N:x gossip:N:w gossiped:E: gossiping:G: gossips:SP: gossipy:J: got:DEV: gothic:J:
gotta:VE: gotten:E: gouge:V: gouged:D: gouging:GN: gourd:N:x gourmet-food:N: gourmet:NJ:p gourmets:S: gout:N:s gouty:J: goverment:N: govern:V:
governance:N:g governed:EJD: governess:N:p governing:GJN:a governmemt:N: government-agency:JN: government-appointed:J: government-approved:J:
government-assisted:J: government-backed:J: government-bond:NJ: government-business:N: government-certified:J: government-controlled:J:
government-dominated:J: government-encouraged:J: government-funded:J: government-guaranteed:J: government-held:J: government-imposed:J:
government-insured:J: government-leaked:J: government-managed:J: government-mandated:J: government-operated:J: government-orchestrated:J:
government-ordered:J: government-owned:J: government-plus:J: government-provided:J: government-relations:S: government-run:J: government-sanctioned:J:
government-securities:SJ: government-set:E: government-sponsored:J: government-subsidized:J: government-supported:J: government-to-government:J:
government:N:g governmental-affairs:SJ: governmental:J: governmentally:R: governments:S: governmentset:E: governor-elect:N: governor:N:p
governors-association:N: governors:S: governorship:N:a governs:P: gown:N:x gowned:J: gowns:S: gpd:N: grab-bag:N: grab:VJN:x grabbag:N: grabbed:DE:
grabbin:G: grabbing:GN: grabs:SP: grace:NV:s graced:DE: graceful:J: gracefully:R: gracefulness:N:u graces:S: gracious:J: graciously:R: grad:N:q
gradations:S: grade-constructed:J: grade-equivalent:N: grade-equivalents:S: grade-school:J: grade:NV:g graded:E: grader:N:p graders:S: grades:S:
gradient:NJ:z gradients:S: grading:GN:a grads:S: gradual:JR: gradualism:N: gradualist:N: gradually:R: graduate-student:N: graduate:NJV:p graduated:EDJ:
graduates:SP: graduating:GN: graduation:N:a graffiti:N:x graft-riddled:J: graft:NV:x grafted:JE: grafting:G: graham-flour-based:J: graham:N:p
grain-exporting:N: grain-storage:N: grain-trading:J: grain:N:x grained:J: graining:N:u grains:S: grainy:J: gram:N:q grammar-school:N: grammar:N:k
grammarian:N:p grammarians:S: grammatical:J: grammatically:R: grams:S: granary:N:x grand-daughter:N: grand-jury:NJ: grand-looking:J: grand-prize:N:
grand-slam:J: grand:J: grandchild:N:p grandchildren:S: granddad:N:p granddaddies:S: granddaughter:N:p grandees:S: grander:JR: grandest:J: grandeur:N:u
grandfather:NV:p grandfathers:S: grandiloquent:J: grandiose:J: grandkids:S: grandly:R: grandma:N:p grandmas:S: grandmasters:S: grandmother:N:p
grandmotherly:J: grandmothers:S: grandparent:N:p grandparents:S: grandson:N:p grandsons:S: grandstand:N:g grandstander:N:p grandstanding:GN:
granite:N:x granny:N:p grant-in-aid:N:a grant:NV:m granted:EJD: grantee:N:p granting:GN: grantors:S: grants-in-aid:N: grants:SP: granular-type:J:
granular:J: granule:N:x granules:S: granulocyte-macrophage:N: granulocytic:J: grape-arbor:N: grape:N:f grapefruit:NS:b grapes:S: grapeshot:N:x
grapevine:N:w grapevines:S: graph:N:w graphed:E: graphic-arts:S: graphic:J: graphical:J: graphically:R: graphics:SN:w graphite-plastic:J: graphite:N:x
graphs:S: grapple:V: grappled:D: grapples:P: grappling:GN:a grasp:VN:k grasped:ED: grasping:G: grass-covered:J: grass-fed:J: grass-green:J:
grass-roots:J: grass:N:b grassed:E: grassers:S: grasses:S: grassfire:N:a grasshopper:N:n grasshoppers:S: grassland:N:l grassroots-fueled:J:
grassroots:S: grassy:J: grate:N:x grated:DJ: grateful:J: gratefully:R: grates:S: gratification:N:s gratified:EJ: gratify:V: gratifying:JG:
gratifyingly:R: grating:N:x gratingly:R: gratings:S: gratis:JR: gratitude:N:s gratuities:S: gratuitous:J: gratuitously:R: gratuity:N:m graunt:V:
grave:JN:t gravel-chewing:J: gravel-voiced:J: gravel:N:x gravely:R: graven:J: graver:JR: graves:S:p gravest:J: gravestone:N:x graveyard:N:l
graveyards:S: gravid:J: gravitas:S:u gravitates:P: gravitating:G: gravitation:N:s gravitational:J: gravity:N:s gravy:N:f gray-backs:S: gray-beard:J:
gray-bearded:J: gray-black:J: gray-blue:J: gray-flannel:JN: gray-haired:J: gray-looking:J: gray-market:J: gray-thatched:J: gray:JN:u graybeard:N:p
graybeards:S: grayed:J: grayer:J: graying:GN: grays:S: graze:V: grazed:D: grazer:N: grazers:S: grazin:G: grazing:GJN:a grease-removal:J: grease:N:x
greased:DE: greases:S: greasies:S: greasy:J: great-grandchildren:S: great-grandfather:N: great-grandmother:N: great-grandson:N:
great-great-grandfather:N: great-niece:N:p great-nieces:S: great-quality:N: great-uncles:S: great:JR: greatcoat:N:x greatcoated:J: greate:N:
greater-fool:J: greater:JR: greatest:J: greatly:R: greatness:N:u greats:S: greece:N:l greed:N:u greedier:J: greedily:R: greedy:J: greek:N:w
green-brown:J: green-bugs:N: green-lipped:J: green-scaled:J: green-tinted:J: green:JNV:u greenback:N:m greenbacks:S: greener:J: greenest:J:
greenfield:N: greenhouse-effect:J: greenhouse-gas:J: greenhouse-produced:J: greenhouse:N:x greenhouses:S: greening:JNG:s greenish:J: greenland:N:l
greenly:R: greenmail:N:a greenmailer:N: greenness:N:u greenroom:N:x greens:S:f greensward:N:x greenware:N: greet:V: greeted:DE: greeter:N:p greeters:S:
greeting:NGJ:w greetings:S: greets:P: gregarious:J: grenade:N:x grenades:S: gret:J: grevouselye:R: grew:DE: grey-haired:J: grey-skied:J: grey:JN:p
greying:G: grid:N:k gridded:J: gridiron:N:x gridlock:N:g gridlocked:EJ: grief-stricken:J: grief:N:s grievance:N:s grievances:S: grieved:E: grieving:G:
grievous:J: grill:NV:x grille-route:N: grille:N:x grilled-chicken:J: grilled:JE: grillework:N: grillwork:N:x grim:J: grimace:NV:w grimaced:D:
grimaces:S: grime:N:s grimed:E: grimly:R: grimmer:R: grimmest:J: grimness:N:u grimy:JN: grin:NV:w grind:VN:p grinder:N:f grinders:S: grinding:GN:x
grindings:S: grinds:PS: grindstone:N:x gringos:S: grinned:D: grinning:GJ: grins:S: grip:NV:a gripe:VN:w griped:D: gripes:SP:s griping:N:s gripped:DE:
gripping:GJ: grips:S: grisly:J: grist:N:f gristmill:N:x grit-impregnated:J: grit:NV:x grits:S:f gritty-eyed:J: gritty:J: grizzled:J: grizzlies:S:
grizzly:N:n groan:N:w groaned:D: groaning:G: groans:P: grocer:N:p groceries:S: grocers:S: grocery-products:S: grocery-store:J: grocery:N:x
grogginess:N:s groggy:J: groin:N:x grok:V: grokked:DE: grokking:G: groom:N:p groomed:E: grooming:NG:a grooms:S: groomsmen:S: groove:N:u grooved:E:
grooves:S: grope:V: groped:D: groping:GN: gross-income:N: gross-profit:N: gross:JNV:q grossed:D: grosses:P: grossing:G: grossly:R: grotesque:J:
grotesquely:R: grotesques:S: grottoes:S: ground-based:J: ground-cargo:N: ground-floor:J: ground-glass:J: ground-handling:SN: ground-launched:J:
ground-level:N: ground-support:J: ground-swell:N: ground-truck:N: ground-water:N: ground:NJVDE:x groundball:N:a groundbreakers:S: grounded:EDJ:
grounder:N:a grounding:GN:k groundless:J: grounds-care:J: grounds:SP:k groundup:J: groundwater:N: groundwave:N: groundwork:N:k group-health:N:
group-identities:S: group-identity:N: group:NV:z grouped:E: grouper:N:f grouping:NG:z groupings:S: groups:S: grouse:VN:f groused:D: grouses:P:
grousing:G: grove:N:g grovel:V: grovelike:J: groveling:GN: grovels:P: groves:S:p grow-or-die:J: grow:V: grower:N:p growers:S: growing-waiting:N:
growing:GJN:s growl:N:a growled:D: growling:G: growls:P: grown-up:JN: grown-ups:S: grown:EDJ: grownup:N:p grownups:S: grows:P: growth-and-income:J:
growth-controlling:J: growth-fund:N: growth-minded:J: growth-oriented:J: growth-stock:JN: growth-stunting:J: growth-suppressing:J: growth:NJV:s
growths:S: growthy:J: grub:N:f grubby:J: grubs:S: grudge:N:s grudges:S: grudging:J: grudgingly:R: grueling:JG: gruesome:J: gruesomeness:N:u gruff:J:
grumble:V: grumbled:DE: grumbles:P: grumbling:GN:a grunt:VN:a grunted:D: grunting:G: gruonded:D: guam:N:l guanidine:N: guar:J: guarantee:NV:w
guaranteed-neutral:J: guaranteed:EJD: guaranteeing:GN: guarantees:SP: guarantor:N:p guaranty:N:m guard-room:N: guard:NJV:p guarded:EJD: guardedly:R:
guardedness:N: guardhouse:N:x guardian:N:p guardians:S: guardianship:N:a guarding:G: guards:SP: guatemala:N:l gubernatorial:J: guerilla:N:p
guerrilla-held:J: guerrilla:NJ:p guerrillas:S: guess:VN:w guessed:DE: guesses:SP: guessing:GN:k guesstimates:S: guesswork:N:k guest:NJ:p guests:S:
guffawing:G: guffaws:S: guidance:N:w guide:NV:p guidebook:N:w guided-missile:JN: guided:EDJ: guideline:N:w guidelines:S: guidepost:N:k guideposts:S:
guides:SP: guidewheels:S: guiding:GJ: guild:N:g guilder:N:q guilders:S: guile:N:k guileless:J: guillotine:N:w guilt:N:s guiltiness:N:s guiltless:J:
guilty:JR: guinea:N:m guise:N:u guises:S: guitar-strumming:G: guitar-twanging:J: guitar:N:x guitarist:N:p guitars:S: gulag:N:x gulf:N:x gull:N:p
gulled:E: gullet:N:x gulley:N: gullibility:N:u gullible:J: gullies:S: gulling:G: gully:N:x gulp:N:a gulped:D: gulping:G: gulps:S: gum-chewing:J:
gum:NV:f gummed:E: gumming:G: gummy:J: gumption:N:k gums:S: gun-carrying:J: gun-running:JN: gun-shot:N: gun-shy:J: gun-slinger:N: gun-slinging:J:
gun:NV:x gunbarrel:N: gunboats:S: gunfighter:N: gunfights:S: gunfire:N:a gunflint:N:x gung-ho:J: gungho:J: gunk:N:x gunloading:N: gunman:N:p gunmen:S:
gunmetal-gray:J: gunned:ED: gunner:N:p gunners:S: gunning:GN: gunny:N:x gunplay:N:a gunpoint:N:x gunpowder:N:x guns:SP: gunship:N: gunshot:N:a
gunslinger:N:p gunslingers:S: gunslinging:G: guppies:S: gurgle:N:a gurgling:G: guru:N:p gurus:S: gush:V: gushed:D: gusher:N:x gushes:P: gushing:G:
gushy:J: gussets:S: gussied:E: gust:NR:s gusto:N:s gusts:S: gusty:J: gut-flattening:J: gut-wrenching:J: gut:NV:x guts:S:u gutsy:J: gutted:ED:
gutter:N:x guttered:D: gutters:S: guttural:JN:w guy:N:p guys:S: guzzle:V: guzzled:D: guzzler:N:p guzzlers:S: guzzles:P: guzzling:N:a gym:N:x
gymnasium-sized:J: gymnast:N:p gymnastic:J: gymnastics:S:a gymnasts:S: gyms:S: gynecologic:J: gynecological:J: gynecologist:N:p gynecologists:S:
gynecology:N:k gypsies:S: gypsum:N:x gypsy:N:p gyrate:V: gyrated:DE: gyrating:G: gyration:N:a gyrations:S: gyro-platform-servo:J: gyro-stabilized:J:
gyro:N:f gyros:S: gyroscopes:S: h:N:x ha:U: habeas-corpus:J: habeas:S: haberdasheries:S: haberdashery:N:x habit-forming:J: habit:N:k habitable:J:
habitants:S: habitat:N:l habitats:S: habits:S: habitual:J: habitually:R: habitues:S: hable:J: hack:NV:p hacked:DE: hacker:N:p hackers:S: hacking:JN:
hackles:S:s hackneyed:J: hacks:S: hacksaw:N:x hackwork:N:a had:DE: hadd:E: haddock:N:f haflis:S: hafta:V: haggard:J: haggardly:R: haggle:VN:w
haggling:GN:w hagglings:S: haiku:N:w hail:NV:s hailed:DE: hailing:G: hails:P: hailstorm:N:s haint:P: hair-care:NJ: hair-growing:J: hair-raising:J:
hair-relaxer:N: hair-trigger:J: hair:N:x haircut:N:x haircuts:S: hairdo:N:x hairdos:S: hairdresser:N:p hairdressers:S: hairier:J: hairless:J:
hairline:N:w hairpiece:N:x hairpieces:S: hairpin:N:x hairs:S: hairshirt:N: hairsplitting:J: hairspray:N: hairtonic:N: hairy:J: hairyknuckled:J:
halcyon:J: half-a-dozen:N: half-a-million:J: half-acceptance:N: half-acre:J: half-aloud:R: half-an-hour:N: half-baked:J: half-billion:J: half-block:N:
half-blood:J: half-bottles:S: half-breed:NJ:p half-brother:N:p half-brothers:S: half-century:NJ:t half-chapter:N: half-city:N: half-clad:J:
half-closed:J: half-cocked:J: half-completed:J: half-conscious:J: half-crazy:J: half-crocked:J: half-cup:J: half-darkness:N: half-digested:J:
half-dozen:NJ: half-dressed:J: half-drunk:J: half-educated:J: half-empty:J: half-expressed:J: half-faced:J: half-filled:J: half-forgotten:J:
half-full:J: half-gainer:N: half-gourd:N: half-grown:J: half-hearted:J: half-heartedly:J: half-horse:J: half-hour:NJ:t half-implemented:J: half-inch:J:
half-industrial:J: half-intensity:J: half-interest:N: half-jokingly:R: half-life:N:t half-light:N:s half-man:N: half-measure:N: half-melted:J:
half-mile:JN: half-million:J: half-mincing:J: half-moon:N:x half-moons:S: half-murmured:J: half-off:J: half-owned:J: half-past:J: half-percent:J:
half-point:J: half-price:N: half-reached:D: half-reformed:J: half-reluctant:J: half-seriously:R: half-share:N: half-sister:N:p half-smile:N:
half-speed:J: half-staff:J: half-standard:J: half-starved:J: half-states:S: half-straightened:D: half-swamped:J: half-swimming:J: half-time:NJR:
half-transparent:J: half-turned:J: half-understood:J: half-way:JR: half-well:J: half-witted:J: half-year:JN: half:N:q halfback:N:p halfbacks:S:
halfhearted:J: halfheartedly:R: halfmile:N: halftime:N:t halfway:RJ: halfways:R: halides:S: hall-mark:N: hall:N:x hallelujah:N:w hallelujahs:S:
hallmark:N:u hallmarks:S: hallowed:J: halloween:N:t halls:S: hallucinating:G: hallucination:N:s hallucinations:S: hallucinatory:J: hallway:N:x
hallways:S: halo:N:u halogen:N:x halogenated:D: halogens:S: halos:S: halt:NJV:s halted:END: halter:N:x halting:GJ: haltingly:R: halts:SP: halvah:N:
halve:V: halved:EJD: halves:SP: halving:G: ham-handed:J: ham-like:J: ham-radio:N: ham:N:f hamburger:N:f hamburgers:S: hamlet:N:g hammer:NV:x
hammered:ED: hammering:GN:a hammerless:J: hammerlock:N:a hamming:GN:a hammock:N:x hamper:VN:x hampered:ED: hampering:G: hampers:P: hams:S: hamstring:V:
hamstringing:G: hamstrung:JEV: han:N:g hand-blower:N: hand-carried:E: hand-carved:J: hand-covered:J: hand-crafted:JE: hand-delivered:J: hand-filed:J:
hand-held:J: hand-hewn:J: hand-holding:NJ: hand-in-glove:J: hand-knit:J: hand-level:J: hand-lotion:N: hand-made:J: hand-me-down:J: hand-operated:J:
hand-painted:N: hand-picked:JE: hand-screened:E: hand-sized:J: hand-squeeze:J: hand-to-hand:JN: hand-tool:N: hand-tooled:J: hand-woven:EN:
hand-wringer:N: hand-wringing:N: hand-written:J: hand:NRVJ:x handbag:N:x handbills:S: handbook:N:w handbooks:S: handclasp:N:w handcrafted:E:
handcuff:V: handcuffed:E: handcuffs:S: hande:N: handed:DE: hander:N: handful:N:q handfuls:S: handgun:N:x handguns:S: handheld:J: handhold:N:x
handicap:NV:s handicapped:JES:g handicaps:S: handicrafts:S: handicraftsman:N: handier:J: handiest:J: handily:R: handing:G: handiwork:N:x
handkerchief:N:x handkerchiefs:S: handle:VN:x handlebar:N:x handlebars:S: handled:ED: handlers:S: handles:PS: handless:J: handling:NG:a handmade:J:
handmaiden:N:s handout:N:w handouts:S: handpicked:ED: hands-down:J: hands-off-all-sweets:S: hands-off:J: hands-on:J: hands:SP:a handscrolls:S:
handset:N:x handsets:S: handshake:N:w handshaker:N: handshaking:N:w handsome:J: handsomely:R: handsomer:J: handspike:N:x handspikes:S: handstand:N:a
handstands:S: handwriting:N:w handwritten:J: handy:J: handyman-carpenter:N: handyman:N:p handymen:S: hang-tough:J: hang-ups:S: hang:VJN:k hangar:N:x
hangars:S: hanged:ED: hangers-on:S: hangers:S: hangin:G: hanging:GJN:x hangman:N:p hangout:N:l hangouts:S: hangover:N:s hangovers:S: hangs:P:
hangups:S: hank:N:x hankered:E: hankerin:G: hanky-panky:N: hanky:N:x hansom:J: hanukkah:N:t haole:N: haphazard:J: haphazardly:R: hapless:J: happen:V:
happened:DE: happening:GN:a happenings:S: happens:P: happenstance:N:a happier:J: happiest:J: happily:R: happiness:N:s happy:J: harangue:N:w
harangued:D: harangues:SP: haranguing:G: harass:V: harassed:DE: harassing:G: harassment:N:s harbinger:N:w harbor:NV:l harbored:ED: harboring:G:
harbors:SP: harborside:N: hard-bitten:J: hard-boiled:J: hard-charging:JN: hard-come-by:J: hard-core:J: hard-cover:N: hard-currency:NJ: hard-disk:NJ:
hard-drinking:J: hard-earned:J: hard-edged:J: hard-fought:J: hard-hit:J: hard-hitting:J: hard-line:JN: hard-liner:N: hard-liners:S: hard-liquor:JN:
hard-nosed:J: hard-pressed:J: hard-riding:J: hard-sell:J: hard-surface:NJ: hard-to-fault:J: hard-to-fill:J: hard-to-fit:J: hard-to-get:J:
hard-to-please:J: hard-to-spot:J: hard-wire:J: hard-won:J: hard-working:J: hard:JR: hardbake:N:f hardball:N:k hardboard:N:x hardboiled:J: hardbound:J:
hardcore:JN: hardcover:N:x harddisk:N: harden:V: hardened:EJD: hardener:N: hardening:G: harder-line:J: harder:JR: hardest-hit:J: hardest:JR: hardier:J:
hardline:JN: hardliner:N:p hardliners:S: hardly:R: hardness:N:u hardscrabble:J: hardship:N:s hardships:S: hardtack-box:N: hardtack:N:f
hardware-maintenance:N: hardware-store:N: hardware:N:x hardwood:N:x hardwoods:S: hardworking:J: hardy:J: hare-brained:J: hare:N:n harelips:S: harem:N:x
hares:S: hark:V: harking:G: harlem:N:l harm:NV:s harmed:ED: harmful:J: harming:G: harmless:J: harmlessly:R: harmlessness:N: harmonic:J: harmonies:S:
harmonious:J: harmoniously:R: harmonization:N:w harmonize:V: harmony:N:u harms:PS: harness-emotions:J: harness:NV:x harnessed:E: harnessing:G:
harp:NV:x harped:D: harping:GN: harpsichord:N:x harpsichordist:N:p harpy:J: harrassment:N: harried:ED: harrowed:E: harrowing:JG: harrumphing:N:
harry:V: harsh:J: harshened:D: harsher:JR: harshest:J: harshly:R: harshness:N:u hartes:S: harvard:N:x harvest:NV:b harvested:E: harvesting:NG:a
harvests:S: has:PE: hash:NV:f hasher:NJ: hashers:S: hashes:S: hashing:NG: hashish:N:x hasp:N:x hasps:S: hassle:NV:a hassled:E: hassles:S: hassling:G:
hast:V: haste:N:u hasten:V: hastened:DE: hastening:G: hastens:P: hastily-summoned:J: hastily:R: hasty:J: hat:N:x hatbox:N:x hatch:NV:s hatchback:N:x
hatched:ED: hatcheries:S: hatchery:N:l hatchet-faced:J: hatchet:N:x hatching:NG:s hatchings:S: hatchway:N:x hate-mongering:N: hate:VN:s hated:DJE:
hateful:J: hater:N:p haters:S: hates:PS: hath:P: hating:G: hatred:N:s hats:S: hatted:E: hattes:S: haughtily:R: haughtiness:N:u haughty:J: haul:NV:a
haulage:JN:a hauled:DE: haulers:S: hauling:GN:a hauls:SP: haunch:N:x haunches:S: haunt:VN:l haunted:EDJ: haunting:JGN: hauntingly:R: haunts:SP:
haute:J: hauteur:N:u have-not:J: have-nots:S: have:VJNE:p haven:N:x havens:S: haversack:N:x haves:S: havin:G: having:G: havoc:N:a hawaii:N:l
hawaiian:N:w hawing:G: hawk-faced:J: hawk-hatching:J: hawk-hunting:J: hawk:NV:n hawked:DE: hawker:N:p hawkers:S: hawking:GN:p hawkish:J: hawks:SP:
hay-fever:N: hay-shakers:S: hay-wagon:N: hay:NV:f hayfield:N:l hayfields:S: haystack:N:g haystacks:S: hazard:NV:s hazardous-waste-site:N:
hazardous-waste:NJ: hazardous:J: hazards:S: haze:N:s hazel:J: hazelnut:N:b hazelnuts:S: hazes:S: hazy:J: he-man:N:p he:OV: head-and-shoulders:N:
head-butting:J: head-cold:N: head-hunting:N: head-in-the-clouds:J: head-injury:N: head-on:RJN: head-to-head:JR: head-topper:N: head-tossing:N:
head:NJRV:x headache:N:k headaches:S: headboard:N:x headcount-control:N: headcount:N:q headdress:N:x heade:N: headed:ED: header:N:w headgear:N:x
headhunters:S: heading:GN:w headings:S: headland:N:x headlands:S: headless:J: headlight:N:x headlights:S: headline-grabbing:J: headline:N:w
headlined:ED: headlines:S: headlinese:N:w headlining:G: headlong:R: headmaster:N:p headphones:S: headquarter:J: headquartered:E: headquarters:NS:x
headrest:N:x headrests:S: headroom:N:q heads:SP: headsets:S: headship:N:a headsman:N:p headstand:N:a headstands:S: headstones:S: headstrong:J:
headwall:N: headwalls:S: headwaters:S: headway:N:q heady:J: heal:V: healed:ED: healer:N:p healers:S: healing:NJG:s health-and-benefits:J:
health-benefits:J: health-care-product:N: health-care-services:J: health-care:NJ: health-club:JN: health-conscious:J: health-coverage:N:
health-expenditure:J: health-food:N: health-insurance:N: health-maintenance:N: health-oriented:J: health-products:S: health-related:J:
health-services:J: health:N:s healthcare:N:a healthful:J: healthier:JR: healthiest:J: healthily:R: healthy-looking:J: healthy:J: heap:N:g heaped:ED:
heaping:G: heaps:S:q hear:V: heard:ED: heare:V: hearer:N:p hearers:S: hearest:V: hearing-aid:N: hearing-impaired:E: hearing:NG:a hearings:S: hears:P:
hearsay:N:w hearse:N:x heart-disease:N: heart-pounding:J: heart-rending:J: heart-stopping:J: heart-to-heart:J: heart-warming:J: heart-wrenching:J:
heart:NRV:k heartbeat:N:a heartbreak:N:s heartbreaking:J: heartburn:N:s heartened:E: heartening:J: heartfelt:J: hearth:N:x hearths:S: heartiest:JR:
heartily:R: heartland:N:l heartless:J: hearts:S:a heartstopping:J: heartstring-plucking:J: heartthrob:N:p heartwarmingly:R: hearty:J: heat-absorbing:J:
heat-and-eat:J: heat-denatured:J: heat-processing:J: heat-resistant:J: heat-treatment:N: heat-using:J: heat:NV:s heated:EJD: heatedly:R: heater:N:x
heaters:S: heath:N:b heathen:JN:p heathenish:J: heather:N:b heating:NG:s heats:P: heatshield:N: heave:N:a heaved:DE: heaven:N:l heavenly:J:
heavens:SU:l heavenward:J: heaver:N:x heavers:S: heaves:ND:s heavier-than-normal:J: heavier-than-usual:J: heavier:JR: heavies:S: heaviest:J:
heavily-upholstered:J: heavily:R: heaviness:N:u heaving:G: heavy-armed:J: heavy-construction:N: heavy-crude:N: heavy-duty:JN: heavy-electrical-goods:J:
heavy-faced:J: heavy-framed:J: heavy-handed:J: heavy-handedness:N: heavy-hitter:N: heavy-industry:N: heavy-machine:J: heavy-tracked:J: heavy-truck:NS:
heavy-water:N: heavy-weight:J: heavy:JNR:p heavyweight:NJ:p heavyweights:S: hebephrenic:J: hebrew:N:w hecatomb:N:a heck:NU: heckled:E: hectares:S:
hectic:J: hedge:VJN:x hedged:ED: hedgehogs:S: hedgers:S: hedges:S: hedging:GJN:m hedonism:N:k hedonistic:J: heebie-jeebies:S:s heed:VN:k heeded:DE:
heedless:J: heeds:P: heel:N:x heelers:S: heels:S: heelsthe:T: heft:N:u hefted:D: heftier:J: heftiest:J: hefty:J: hegel:N:p hegemonic:J: hegemony:N:g
heifers:S: heighborhoods:S: height-to-diameter:N: height:N:u heighten:V: heightened:EDJ: heightening:GN: heightens:P: heights:S:l heinous:J:
heir-apparent:JN: heir-designate:N: heir:N:p heiress:N:p heirs:S: heist:N:a heisted:D: hel:N:p held:EDJ: helicopter-borne:J: helicopter:N:x
helicopters:S: helio-copter:N: helio-copters:S: heliocentric:J: helion:N: heliotrope:N:x heliports:S: helium:N:x helix:N:u hell-bent:J: hell-bound:J:
hell-fire:N: hell-for-leather:R: hell-kitten:N: hell-raising:N: hell-rooster:N:p hell:NU:l hellenic:N:w hellfire:N:k hellion:N:p hello:UN:w hells:S:
helluva:J: helm:N:x helmet:N:x helmeted:J: helmets:S: helmsman:N:p help-wanted:J: help:VN:a helped:DEV: helper:N:p helpers:S: helpful:J: helpfully:R:
helpfulness:N:u helping:GN:f helpings:S: helpless:J: helplessly:R: helplessness:N:u helpmate:N:p helps:PVS: helter-skelter:J: hem:N:x hematologist:N:p
hemetin:N: hemisphere:N:l hemispheric:J: hemispherical:J: hemlines:S: hemlocks:S: hemmed:E: hemming:G: hemoglobin:N:x hemolytic:J: hemophilia:N:s
hemophiliacs:S: hemorrhage:N:s hemorrhaged:E: hemorrhages:S: hemorrhaging:GJN: hemorrhoid:N:s hemorrhoids:S: hemosiderin:N:x hems:S: hen:N:n hence:R:
henceforth:R: henchman:N:p henchmen:S: henpecked:J: hens:S: hepatitis:N:s heptachlor:N: her:O: herald:V: heralded:ED: heraldic:J: heralding:G: herb:N:b
herbaceous:J: herbal:J: herbicide:N:x herbicides:S: herbs:S: herculean:J: herd-owner:N: herd:NV:g herded:ED: herdin:NG: herding:GN: herds:S:
herdsmen:S: here-for:J: here:R: hereabout:J: hereabouts:R: hereafter:R: hereby:R: hereditary:J: heredity:N:s herein:R: hereinafter:R: heresy:N:k
heretic:N:p heretical:J: heretics:S: heretofore-accepted:J: heretofore:R: hereunto:R: herewith:R: heritage:N:k heritages:S: hermeneutics:N:k
hermetic:J: hermetically:R: herniated:E: hero-worship:N: hero-worshippers:S: hero:N:p heroes:S: heroic:J: heroically:R: heroics:S:a heroin-user:N:
heroin:N:x heroine:N:p heroism:N:u herons:S: herpetological:J: herpetologist:N:p herpetologists:S: herpetology:N:k herring:N:f herringbone:N:x hers:OJ:
herself:O: hesitance:N:s hesitancy:N:s hesitant:J: hesitantly:R: hesitate:V: hesitated:DE: hesitates:P: hesitating:G: hesitatingly:R: hesitation:N:k
heterogamous:J: heterogeneity:N:u heterogeneous:J: heterozygous:J: hev:V: hevin:G: hewed:DE: hewn:E: hews:P: hex:N:w hexagon:N:u hexagonal:J:
hexametaphosphate:N: hexameter:N:w hey:U: heyday:N:t hi-fi:N:x hi-graders:S: hi-tech:J: hi:N:w hiatus:N:a hibachi:N:x hibernate:V: hiccup:N:s
hiccups:S: hick-self:N: hick:N:p hickory:N:b hid:DE: hidden:EJ: hide-out:JN: hide:VN:x hideaway:N:l hidebound:J: hideous:J: hideously:R: hideout:N:l
hideouts:S: hiders:S: hides:SP: hiding:GN:a hierarchical:J: hierarchies:S: hierarchy:N:g hifalutin:J: high-altitude:J: high-art:J: high-backed:J:
high-balance:J: high-beta:J: high-blood-pressure:J: high-button:J: high-capacity:J: high-ceilinged:J: high-class:J: high-cost:J: high-coupon:J:
high-crime:J: high-current:J: high-definition:JN: high-density:J: high-echelon:J: high-efficiency:N: high-end:J: high-energy:J: high-fiber:J:
high-fidelity:N: high-flying:J: high-frequency:J: high-gain:J: high-gloss:J: high-grade:J: high-growth:JN: high-handed:J: high-heeled:J:
high-horsepower:J: high-income:JN: high-inflation:J: high-intensity:J: high-interest-rate:J: high-interest:J: high-interestrate:J: high-legged:J:
high-level:J: high-leverage:J: high-living:J: high-loss:J: high-mileage:J: high-minded:J: high-mindedness:N:u high-mounted:J: high-net-worth:J:
high-net:N: high-octane:J: high-paid:J: high-paying:J: high-performance:JN: high-performing:J: high-pitched:J: high-polluting:J: high-positive:J:
high-power:J: high-powered:J: high-pressure:J: high-price:J: high-priced:J: high-priority:J: high-production:J: high-profile:J: high-profit-margin:J:
high-profit:J: high-profitability:N: high-protein:J: high-purity:JN: high-quality:JN: high-ranking:J: high-rate:J: high-rated:J: high-rep:J:
high-resolution:J: high-rise-project:J: high-rise:JN:x high-rises:S: high-rolling:J: high-salaried:J: high-school:NJ: high-security:J: high-set:J:
high-society:N: high-sounding:J: high-speed:J: high-spirited:J: high-stakes:J: high-standard:J: high-stepped:J: high-strung:J: high-sudsing:J:
high-sulfur:J: high-tailed:D: high-tax:J: high-tech-sounding:J: high-tech:JN: high-technological:J: high-technology:NJ: high-temperature:JN:
high-ticket:J: high-toned:J: high-topped:J: high-up:J: high-value:J: high-velocity:J: high-visibility:JN: high-vitamin:J: high-voltage:J:
high-volume:J: high-wage:J: high-water:J: high-wire:J: high-yield:JN: high-yielding:J: high-yields:S: high:JNR:u highball:NV:f highboard:N:x
highboy:N:x highbrow-furrowing:N: highbrow:J: highbrows:S: higher-caffeine:J: higher-caliber:J: higher-capacity:J: higher-cost:J: higher-density:J:
higher-education:JN: higher-fat:J: higher-grade:J: higher-income:J: higher-level:J: higher-margin:J: higher-multiple:J: higher-octane:J: higher-paid:J:
higher-paying:J: higher-priced:J: higher-profit:J: higher-quality:JN: higher-ranking:J: higher-rate:J: higher-salaried:J: higher-technology:J:
higher-than-anticipated:J: higher-than-expected:J: higher-than-normal:J: higher-than-retail:J: higher-toned:J: higher-yielding:J: higher:JR:
highest-grossing:J: highest-paid:J: highest-pitched:J: highest-priced:J: highest-quality:JN: highest-ranking:J: highest-rated:J: highest-volume:J:
highest-yielding:J: highest:JR: highfalutin:J: highflying:J: highland:N:x highlands:S:l highlight:VN:z highlighted:ED: highlighting:G: highlights:PS:
highly-confident:J: highly-leveraged:J: highly-regarded:J: highly-touted:J: highly:R: highness:N:p highpoint:N: highpriced:J: highrises:S: highrisk:N:
highroad:N:x highs:S: highschool:N:g hightailing:G: hightechnologies:S: hightops:S: highway-construction:J: highway-relief:J: highway-safety:N:
highway:N:x highwayman:N:p highways:SJ: highyield:J: hijacked:ED: hijacker:N:p hijackers:S: hijacking:NG:a hike:NV:a hiked:DE: hiker:N:p hikers:S:
hikes:S: hiking:GN:a hilar:J: hilarious:J: hilariously:R: hilarity:N:s hill:N:x hillbilly:N:p hillock:N:x hills:S: hillside:N:x hillsides:S:
hilltop:N:l hilltops:S: hilly:J: hilt:N:x hilum:N:x him:O: himself:O: himselfe:N: hind:J: hinder:V: hindered:ED: hindering:GJ: hinders:P: hindmost:J:
hindquarters:S:x hindrance:N:k hindrances:S: hindsight:N:k hinge:VN:x hinged:E: hinges:SP: hint:NV:w hinted:DE: hinterlands:S: hinting:G: hints:SP:
hip:NJ:x hipline:N:l hipper:J: hippie:N:p hips:S: hipster:N:p hir:O: hire:VN:p hired:EJD: hirelings:S: hires:PS: hiring:GN: his:O: hiss:S:a hissed:D:
hisself:O: hissing:NG:a histochemical:J: histology:N:k historian:N:p historians:S: historic:J: historical-claims:S: historical:J: historically:R:
historichomes:S: historicism:N:k historicity:N: historicized:E: histories:S: historiography:N:w history-making:J: history-reenactment:N: history:N:t
histrionics:S:w hit-and-miss:J: hit-and-run:J: hit-making:J: hit-man:N: hit-run:N: hit:DJNVE:a hitch:N:t hitched:ED: hitches:SP: hitching:NG: hither:R:
hitherto:R: hitler:N:p hitless:J: hitmakers:S: hitman:N:p hits:SP: hitter:N:p hitters:S: hitting-pitching:J: hitting:GN:a hitwoman:N: hive:N:g hmmm:U:
ho-hum:J: ho:U: hoard:NV:m hoarder:N:p hoarding:NG:x hoards:S: hoarse:J: hoarsely:R: hoarseness:N:u hoaxes:S: hob:N:p hobbies:S: hobbing:G: hobble:V:
hobbled:E: hobbles:P: hobbling:G: hobby:N:a hobbyist:N:p hobbyists:S: hobnob:V: hobo:N:p hobos:S: hock:NV:f hockey:N:a hocking:G: hodge-podge:N:
hodgepodge:N:g hoe:N:x hoes:S: hog:NS:p hogging:G: hogs:S: hoist:V: hoisted:ED: hoisting:N: hokan:N:w hokey:J: hold-back:N: hold:VNR:a holder:N:x
holders:S: holdin:G: holding:GJN:a holdings:S: holdouts:S: holdovers:S: holds:PS: holdup:N:a holdups:S: hole:NV:x holed:ED: holes:S: holiday-season:JN:
holiday:N:t holidays:SP: holier-than-thou:J: holies:S: holiest:J: holistic:J: holland:N:l holler:V: hollered:D: hollering:GJ: hollers:P: hollow:JN:u
hollowness:N:s hollows:S: hollowware:N:x hollyhock:N:b hollyhocks:S: hollywood:N:g holmes:N:p holocaust:N:a holored:E: holster:N:x holstered:DEJ:
holy:J: holystone:N:x holystones:S: homage:N:a home-acquisition:J: home-and-home:J: home-audience:N: home-blend:N: home-bound:J: home-bred:J:
home-builder:N:p home-building:JN: home-buying:JN: home-care:JN: home-center:N: home-city:N: home-comings:S: home-computer:N: home-delivered:J:
home-delivery:N: home-entertainment:J: home-equity:JN: home-fashion:N: home-for-the-night:N: home-furnishing:N: home-furnishings:S: home-grown:J:
home-health-care:J: home-improvement:NJ: home-market:J: home-mortgage:J: home-nursing:J: home-office:J: home-owners:S: home-ownership:N: home-plate:N:
home-produced:J: home-run:JN: home-service:J: home-sharing:N: home-shopping:N: home-state:J: home-team:J: home-trading:N: home-video:JN: home:NVR:l
homebound:J: homebuilder:N:p homebuilders:S: homebuilding:N: homecoming:N:a homecomings:S: homeequity:N: homefolk:N:g homeland:N:l homelands:S:
homeless:JN:p homelessness:N:s homely:J: homemade:J: homemaker:N:p homemakers:S: homeowner:NJ:p homeowners:S: homeownership:N: homer:NV:a homered:D:
homers:S: homerun:N: homes:S: homeshopping:N: homesick:J: homesickness:N:s homespun:J: homestead:N:m homesteader:N:p homesteaders:S: homesteads:S:
hometown:NJ:l homeward:R: homewards:R: homework:N:a homey:J: homicidal:J: homicide:N:a homicides:S: homier:J: homilies:S: homing:JG: homo-hatred:N:
homoerotic:J: homoeroticism:N:a homogenate:N:x homogeneity:N:u homogeneous:J: homogeneously:R: homogenization:N:a homogenize:V: homogenized:E:
homogenous:J: homologous:R: homophobia:N:k homophobic:J: homopolymers:S: homosexual:JN:p homosexuality:N:a homosexuals:S: homozygous:J: hon:N: hone:V:
honed:EJ: honest:J: honestly:R: honesty:N:u honey-in-the-sun:J: honey:NVUJ:f honeybee:N:n honeybees:S: honeycombed:J: honeymoon:NV:t honeymooned:DE:
honeymooners:S: honeymooning:N: honeysuckle:N:b honk:V: honky-tonk:N:x honkytonk:N:x honkytonks:S: honolulu:N:l honor:NV:w honorable:JN: honorably:R:
honorarium:N:m honorariums:S: honorary:J: honored:EJD: honoree:N:p honorific:N:w honoring:G: honors:SPJ: honour:N:s honoured:E: hoo-pig:U: hooch:N:f
hood:N:p hoodle:U: hoodlum:N:p hoodlums:S: hoods:S: hoodwinked:E: hoof-and-mouth:J: hoof:N:n hoofmarks:S: hoofs:S: hook-up:N: hook:NV:x hooked:EJD:
hooker:N:p hookers:S: hooking:G: hooks:SP:x hookup:N:x hookups:S: hookworm:N:n hooliganism:N:a hoop:N:x hoopla:N:w hoops:S:a hoosegow:N:x hoosegows:S:
hoot:NV:w hooted:DE: hooting:J: hoots:S: hooves:S: hop-skipped:E: hop:NV:a hope:NVD:s hoped-for:J: hoped:DE: hopeful:JN:p hopefully:R: hopefuls:S:
hopeless:J: hopelessly:R: hopelessness:N:s hopes:PS: hoping:G: hopped:D: hopper:N:x hopping:G: hoppled:E: hopples:S: hops:PS:b hopscotch:N:a
hopscotched:D: horde:N:g hordes:S: horizon:N:l horizons:S: horizontal-restraints:S: horizontal:JN:z horizontally:R: hormonal:J: hormone-treated:J:
hormone:N:x hormones:S: horn-rim:J: horn-rimmed:J: horn:NV:x horned:J: hornet:N:n hornpipe:N:a horns:S: horoscope:N:w horoscopes:S: horrendous:J:
horrible:JN: horribles:S: horribly:R: horrid:J: horrific:J: horrified:EJ: horrifying:J: horrifyingly:R: horror:N:s horrors:S: horse-blanket:R:
horse-breeding:N: horse-chestnut:N: horse-drawn:J: horse-meat:N: horse-packing:J: horse-player:N: horse-playing:J: horse-radish:N: horse-steak:N:
horse-trading:N: horse-trail:N:x horse:N:n horseback:NJR:n horsedom:N: horseflesh:N:f horsehair:N:x horselaugh:N:w horselike:J: horseman:N:p
horsemanship:N:k horsemeat:N:f horsemen:S: horseplay:N:a horsepower:N:q horseradish:N:b horses:S: horseshoers:S: horsewoman:N:p
horticultural-products:S: horticultural:J: horticulturally:R: horticulture:N:a horticulturist:N:p hosannas:S: hose:NV:x hoses:SP: hospice:N:x
hospices:S: hospitable:J: hospital-care:N: hospital:N:x hospitality:N:w hospitalization:N:t hospitalizations:S: hospitalized:EJ: hospitals:S: hoss:NS:
hosses:S: host-specific:J: host:NV:p hostage:N:p hostages:S: hoste:N: hosted:EJD: hostelries:S: hostelry:N:x hostess:N:p hostesses:S: hostile-bid:J:
hostile:JN:g hostilities:S:a hostility:N:u hosting:G: hostler:N:p hosts:SP: hot-air:J: hot-blooded:J: hot-buttons:S: hot-cereals:S: hot-cold:J:
hot-colored:J: hot-dipped:J: hot-dog:J: hot-formed:J: hot-honey:J: hot-line:N: hot-pink:J: hot-rolled:J: hot-selling:J: hot-shot:JN: hot-slough:J:
hot-tempered:J: hot-ticket:J: hot-water:N: hot:J: hotbed:N:s hotdog:N:p hotdogs:S: hotel-casino:N:x hotel-casinos:S: hotel-management:N: hotel-motel:N:
hotel-restaurant:N: hotel:N:x hotelier:N:p hoteliers:S: hotelman:N:p hotels:S: hothouse:J: hothouses:S: hotline:N: hotlines:S: hotly:R: hotness:N:u
hotrod:N: hotshot:N:p hotter:J: hottest-selling:J: hottest:J: hound:N:n hounded:D: hounding:G: hounds:S: hour-and-a-half:N: hour-long:J: hour:N:t
hourlong:J: hourly:J: hours:SP:t house-building:N: house-cleaning:N: house-painting:J: house:NV:x houseboat:N:x houseboats:S: housebound:J:
housebreaker:N:p housebreakers:S: housebreaking:N:a housebroken:J: housecleaning:N:a housed:ED: houseful:N:q househld:J: household-products:S:
household-type:J: household:NJ:g householder:N:p householders:S: households:S: housekeeper:N:p housekeeping:N:a houseman:N:p housemate:N:p
housepaint:N:x houses:SP: housewares:S: housewarming:J: housewife:N:p housewives:S: housework:N:a housing-assistance:J: housing-construction:N:
housing-discrimination:N: housing-loan:N: housing-policy:N: housing-related:J: housing:NGJ:x housings:S: houston:N:l hove:D: hovel:N:x hovels:S:
hover:V: hovered:DE: hoverin:G: hovering:G: hovers:P: how-to:J: how:R: howdy:U: howe:R: however:R: howitzer:N:x howl:NV:w howled:D: howlers:S:
howling:G: howls:SP: howse:N: howsomever:R: hoydenish:J: hp:N:q hr:N:t hub-and-spoke:J: hub:N:x hubba:U: hubbub:N:a hubby:N:p hubris:N:u hubs:S:
huckster:NV:p huckstering:G: huddle:N:w huddled:DEJ: huddles:S: huddling:G: hudson:N:x hue:N:u hues:S: huffed:D: hug:NV:a huge:J: hugely:R: hugged:D:
hugging:GN:a huggings:S: hugh:J: hugs:S: huh-uh:J: huh:U: hula:N:a hulk:N:p hulking:JG: hulks:S: hull-first:R: hull:N:b hullabaloo:N:a hum:NV:s
humaine:N: human-based:J: human-generated:J: human-leukocyte-derived:J: human-resource:J: human-resources:SJ: human-rights:JNS: human-robot:N:
human-sounding:J: human:JN:n humane:J: humanely:R: humaneness:N:u humanism:N:k humanist:JN:p humanistic:J: humanists:S: humanitarian:JN:p
humanities:S:k humanity:N:u humanize:V: humanizing:G: humankind:N:n humanly:R: humanness:N:u humans:S:n humble:JV: humbled:ED: humblest:J: humbling:J:
humbly:R: humid:J: humidity:N:s humilation:N: humiliated:EJ: humiliates:P: humiliating:J: humiliatingly:R: humiliation:N:s humility:N:u humly:R:
hummable:J: hummed:DE: humming:NG:a hummocks:S: humongous:J: humor:NV:w humorist:N:p humorists:S: humorless:J: humorous:J: humors:S: humour:N:s
hump-backed:J: hump:N:u humped:N: hums:P: hun:N:p hunch:NV:k hunched-up:J: hunched:EDJ: hunches:S: hunching:G: hundred-and-fifty:J: hundred-leaf:J:
hundred-odd:J: hundred-thousand-share:J: hundred-yen:J: hundred:N:q hundredth:J: hundredweight:N:q hung:DJE: hungary:N:l hunger:N:s hungrier:J:
hungrily:R: hungry:J: hunk:N:p hunker:V: hunkered:ED: hunky-dory:J: hunt:NV:p hunted:EDJ: hunter-gatherers:S: hunter-killer:NJ: hunter:N:p hunters:S:
hunting-gear:J: hunting:NG:a hunts:PS: hurdle:NV:x hurdled:D: hurdles:S:a hurl:V: hurled:DE: hurler:N:p hurlers:S: hurley:N: hurling:G: hurls:P:
hurrah:N:w hurricane-hit:J: hurricane-prone:J: hurricane-ravaged:J: hurricane-related:J: hurricane-stricken:J: hurricane-wracked:J: hurricane:N:s
hurricanes:S: hurried:DEJ: hurriedly:R: hurries:P: hurry:NV:s hurrying:GJ: hurt:EJNVD:s hurting:G: hurtled:D: hurtling:G: hurts:P: husband-and-wife:JN:
husband-stealer:N: husband-wife:J: husband:N:p husbandry:N:a husbands:S: husbun:N: hush-hush:J: hush:JNU:u hushed:J: husk:N:x huskily:R: huskiness:N:u
husks:S: husky-voiced:J: husky:J: hustings:N:a hustle:VN:a hustled:DE: hustler:N:p hustlers:S: hustles:P: hustling:G: hut:N:x hutch:N:x hutment:N:x
hutments:S: huts:S: huzzahs:S: hyacinth:N:x hyacinths:S: hyaline:J: hyalinization:N:s hyaluronic:J: hybrid:JN:w hybrids:S: hydra-headed:J: hydrated:J:
hydration:N:s hydraulic:J: hydraulically:R: hydraulics:SN:k hydride:N:x hydrides:S: hydrido:N: hydrocarbon-storage:N: hydrocarbon:N:x hydrocarbons:S:
hydrochemistry:N: hydrochloride:N:x hydrochlorothiazide:N:x hydroelectric:J: hydrogen:N:x hydrogens:S: hydrolysis:N:s hydrolyzed:E: hydrophilic:J:
hydrophobia:N:s hydrophobic:J: hydrostatic:J: hydrotherapy:N:a hydrous:J: hydroxide:N:x hydroxyl-rich:J: hydroxylation:N: hydroxymethyl:N:x hyenas:S:
hygiene:N:s hygienic:J: hym:O: hymen:N:p hymens:S: hymn:N:w hymns:S: hymselfe:N: hype:N:w hyped-up:J: hyped:DN: hyper-competitive:J: hyper-inflation:N:
hyper-trader:N: hyper:J: hyperactive:J: hyperbole:N:w hyperbolic:J: hyperbolically:R: hypercellularity:N:s hyperemia:N:s hyperemic:J: hyperfine:J:
hyperinflation:N: hypermarket:N:x hypermarkets:S: hyperplasia:N:s hypersonic:J: hypertension:N:s hypertrophied:E: hypertrophy:N:s hypervelocity:N:t
hyperventilating:N: hyperzeal:N: hyphenated:JE: hyphens:S: hyping:GN: hypnosis:N:s hypnotic:J: hypnotically:R: hypnotized:E: hypo:J: hypoactive:J:
hypoadrenocorticism:N:s hypocellularity:N:s hypocracy:N: hypocrisies:S: hypocrisy:N:w hypocrite:N:p hypocrites:S: hypocritical:J: hypodermic:J:
hypoglycemia:N:s hypoglycemic:J: hypophyseal:J: hypophysectomised:E: hypostatization:N:a hypothalamic-cortical:J: hypothalamic:J: hypothalamically:R:
hypothalamus:N:x hypotheses:S: hypothesis:N:w hypothesize:V: hypothesized:E: hypothetical:J: hypothetically:R: hypothyroidism:N:s hys:O:
hysterectomy:N:a hysteria:N:s hysterical:J: hysterically:R: hysteron-proteron:N: hytt:O: i-th:N: i:NS:x iambic:J: ibuprofen:N:x icbm:N:x ice-baggers:S:
ice-breaker:JN: ice-chest:N: ice-cold:N: ice-core:N: ice-cream:N: ice-cubes:S: ice-feeling:N: ice-filled:J: ice-free:J: ice:NJ:x iceberg:N:x
icebergs:S: icebound:J: icebox:N:x icecap:N:x iced-tea:N: iced:J: iceland:N:l icelandic:N:w icicle:N:x icing:N:s icon:N:w iconoclasm:N:k iconoclast:N:p
iconoclastic:J: icons:S: icy:J: idea-exchange:N: idea:N:k ideal:JN:k idealism:N:k idealisms:S: idealist:N:p idealistic:J: idealization:N:a
idealized:EJ: ideally:R: ideals:S: ideas:S: ideational:J: identical:J: identically:R: identifiable:J: identification:N:a identifications:S:
identified:EJD: identifier:N:w identifiers:S: identifies:P: identify:V: identifying:G: identities:S: identity-management:N: identity:N:u ideological:J:
ideologically:R: ideologies:S: ideologist:N:p ideologists:S: ideologues:S: ideology:N:k ides:S:t idiocies:S: idiocy:N:k idiom:N:w idiomatic:J:
idioms:S: idiosyncrasies:S: idiosyncrasy:N:u idiosyncratic:J: idiot-grin:N: idiot:JN:p idiotic:J: idiotically:R: idiots:S: idiotypes:S: idle:JV:
idled:ED: idleness:N:a idler:N:p idlers:S: idling:GN:a idlings:S: idly:R: idol-worship:N: idol:N:x idolatry:N:a idolize:V: idolized:J: idols:S:
idosyncratic:J: idyll:N:a idyllic:J: if:I: iffy:J: ifs:S: igloo:N:x igneous:J: ignite:V: ignited:DE: ignition:N:s ignoble:J: ignominious:J:
ignominiously:R: ignoramus:N:p ignorance:N:k ignorant:J: ignore:V: ignored:ED: ignores:P: ignoring:G: iguana:J: iguanas:S: ij:N: ikey-kikey:J:
ile-de-france:N:l ileum:N:x iliac:J: iliad:N:w ilk:N:k ill-advised:J: ill-conceived:J: ill-defined:J: ill-disposed:J: ill-equipped:J: ill-fated:J:
ill-fitting:J: ill-founded:J: ill-gotten:J: ill-mannered:J: ill-prepared:J: ill-starred:J: ill-suited:J: ill-timed:J: ill-trained:J: ill-understood:J:
ill:JSNR:s illegal:J: illegalities:S: illegality:N:u illegally:R: illegitimacy:N:s illegitimate:J: illicit:J: illicitly:R: illinois:N:l illiquid:J:
illiquidity:N: illiteracy:N:k illiterate:J: illness:N:s illnesses:S: illogic:N:u illogical:J: ills:S: illuminate:V: illuminated:EJD: illuminates:P:
illuminating:JG: illumination:N:s illuminations:S: illumine:V: illumined:D: illumines:P: illusion:N:k illusionary:J: illusionist:N:p illusions:S:
illusive:J: illusiveness:N: illusory:J: illustrate:V: illustrated:EJD: illustrates:P: illustrating:G: illustration:N:w illustrations:S: illustrative:J:
illustrator:N:p illustrators:S: illustrious:J: image-building:J: image-making:NJ: image-processing:NJ: image-provoking:J: image:NV:k imaged:E:
imagery:N:k images:S: imaginable:J: imaginary:JN:q imagination:N:k imaginations:S: imaginative:J: imaginatively:R: imagine:V: imagined:EDJ: imagines:P:
imaging:NJ:k imagining:G: imaginings:S: imagnation:N: imbalance:N:s imbalances:S: imbecile:N:p imbecility:N:k imbedded:ED: imbibe:V: imbibed:ED:
imbroglio:N:s imbruing:G: imbued:E: imcomparable:J: imcomplete:J: imitate:V: imitated:ED: imitates:P: imitating:G: imitation-caning:J:
imitation-woodgrain:N: imitation:N:k imitations:S: imitative:J: imitators:S: immaculate:J: immanent:J: immaterial:J: immature:J: immaturity:N:s
immeasurable:J: immeasurably:R: immediacies:S: immediacy:N:u immediate-response:J: immediate:J: immediately:R: immemorial:J: immense:JN: immensely:R:
immensities:S: immensity:N:u immersed:ED: immersion:N:a immigrant:NJ:p immigrants:S: immigrated:DE: immigration:N:a imminence:N:s imminent:J:
imminently:R: immiserated:J: immobility:N:s immobilized:E: immoderate:J: immodest:J: immodesty:N:u immoral:J: immoralities:S: immorality:N:u
immortal:J: immortality:N:u immortalized:E: immovable:J: immune-system:N: immune:JN:p immunities:S: immunity:N:s immunization:N:a immunized:E:
immunodeficiency:N:s immunoelectrophoresis:N:s immunoglobulin:N:x immunological:J: immunologist:N:p immunology:N:k immunosuppressive:J: immutable:J:
imp:N:p impact:NV:a impacted:EJ: impaction:N:s impacts:S: impair:VN: impaired:EJ: impairment:N:a impaled:E: impaling:G: impart:V: impartation:N:w
imparted:ED: impartial:J: impartiality:N:k imparting:G: imparts:P: impassable:J: impasse:N:s impassible:J: impassioned:J: impassive:J: impassively:R:
impassiveness:N:s impatience:N:s impatiens:S: impatient:JN: impatiently:R: impeached:E: impeachment:N:w impeccable:J: impeccably:R: impede:V:
impeded:ED: impedes:P: impediment:N:k impediments:S: impeding:G: impelled:ED: impelling:J: impels:P: impending:JG: impenetrable:J: imperative:JN:z
imperatives:S: imperceptible:J: imperceptibly:R: imperfect:J: imperfectability:N: imperfection:N:s imperfections:S: imperfectly:R: imperial:J:
imperialism:N:w imperialist:N:p imperialists:S: imperil:V: imperiled:EJ: imperiling:G: imperilled:E: imperious:J: imperiously:R: imperishable:J:
impermissible:J: impersonal:J: impersonalized:J: impersonally:R: impersonated:E: impersonates:P: impersonation:N:w impersonations:S: impersonator:N:p
impertinent:J: imperturbable:J: impervious:J: impetigo:N:s impetuous:J: impetuousness:N:u impetus:N:s impiety:N:u impinge:V: impinging:G: impious:J:
implacable:J: implant:NV:x implantable:J: implantation:N:s implanted:ED: implanting:G: implausible:J: implausibly:R: implement:V: implementation:N:a
implemented:ED: implementer:N: implementing:G: implements:SP: implicate:V: implicated:E: implication:N:k implications:S: implicit:J: implicitly:R:
implied:EJD: implies:P: implore:V: implored:ED: implores:P: imploring:G: imply:V: implying:G: impolite:J: impolitic:J: imponderable:JN:k
imponderables:S: import-export:J: import-incentive:J: import-restricting:J: import-screening:N: import:NV:x importance:N:u important-looking:J:
important:J: importantly:R: importation:N:a imported-food:N: imported:EDJ: importer:N:p importers:S: importing:GN:a imports:SP: importunately:R:
importunities:S: importunity:N:w impose:V: imposed:EDJ: imposes:P: imposing:GJ: imposition:N:a impossibility:N:s impossible:J: impossibly:R:
impostor:N:p impotence:N:u impotency:N:u impotent:J: impound:V: impounded:E: impoundment:N:a impoundments:S: impoverished:JE: impoverishment:N:s
impracticable:J: impractical:J: impracticality:N:u imprecates:P: imprecation:N:w imprecations:S: imprecise:J: imprecisely:R: impregnable:J:
impresario:N:p impress:VN:a impressed:EJD: impresser:N: impresses:P: impressing:G: impression:N:k impressionism:N:x impressionist:NJ:p
impressionistic:J: impressionistically:R: impressionists:S: impressions:S: impressive:J: impressively:R: imprimatur:N:w imprint:VN:k imprinted:E:
imprints:S: imprison:V: imprisoned:EDJ: imprisoning:G: imprisonment:N:a imprisons:P: improbability:N:u improbable:J: improbably:R: impromptu:JN:w
improper:J: improperly:R: improprieties:S: impropriety:N:u improve:V: improved:EJD: improvement:N:a improvements:S: improves:P: improvident:J:
improvidently:R: improving:GN: improvisation:N:x improvisational:J: improvisations:S: improvisatory:J: improvise:V: improvised:DE: improviser:N:
improvisers:S: improvises:P: improvising:N: imprudence:N:u imprudent:J: imprudently:R: impudence:N:w impudent:J: impudently:R: impugn:V: impugned:E:
impugning:G: impulse-related:J: impulse:NJ:k impulses:S: impulsive:J: impulsively:R: impunity:N:s impure:J: impurities:S: impurity-doped:J:
impurity:N:x imput:N: imputation:N:w impute:V: imputed:EJ: in-accord-with-nature:J: in-and-outer:N: in-crowd:N: in-depth:J: in-fighting:N:a
in-group:JN: in-groups:N: in-grown:J: in-home:J: in-house:JNR: in-jokes:S: in-kind:J: in-law:N:p in-laws:S: in-migrants:S: in-migration:N:a
in-office:J: in-patient:J: in-person:J: in-plant:J: in-room:J: in-state:J: in-store:J: in:INRD:q inability:N:k inaccessible:J: inaccuracies:S:
inaccuracy:N:u inaccurate:J: inaccurately:R: inaction:N:s inactivate:V: inactivated:DE: inactivation:N:s inactive:J: inactivity:N:s inadequacies:S:
inadequacy:N:u inadequate:J: inadequately:R: inadvertence:N:k inadvertent:J: inadvertently:R: inadvisable:J: inalienable:J: inane:J: inanimate:J:
inapplicable:J: inappropriate:J: inappropriately:R: inappropriateness:N:u inapt:J: inarticulate:J: inasmuch:R: inattention:N:k inattentive:J:
inaudible:J: inaugural:JN:w inaugurated:ED: inaugurating:G: inauguration:N:a inauspicious:J: inboard:JR: inboards:S: inborn:J: inbound:J:
inbreeding:GN:a incalculable:J: incandescent:J: incantation:N:w incanted:D: incapable:JN: incapacitated:E: incapacitating:J: incapacity:N:k
incarcerate:V: incarcerated:E: incarceration:N:s incarnate:JV: incarnation:N:p incarnations:S: incautious:J: incautiously:R: incendiaries:S:
incendiary:J: incense:N:x incensed:EJ: incentive-backed:J: incentive-bonus:N: incentive-buoyed:J: incentive-maximizing:J: incentive-pay:J:
incentive-reduced:J: incentive-spurred:J: incentive:NJ:k incentives:S: incepted:D: incepting:G: inception:N:a inceptor:N: incertain:J: incessant:J:
incessantly:R: incest:N:a incestuous:J: inch:NRV:q inched:DE: inches:SNP: inching:G: inchworm:N:n incidence:N:z incident:NJ:a incidental:J:
incidentally:R: incidentals:S: incidents:S: incineration:N:a incinerator:N:x incinerators:S: incipience:N:t incipiency:N:t incipient:J: incise:V:
incisions:S: incisive:J: incisiveness:N:u incite:V: incited:ED: incitement:N:a incitements:S: inciting:G: inclement:J: inclination:N:k inclinations:S:
incline:N:x inclined:EJ: inclosed:E: include:VE: included:DEJ: includee:V: includes:P: including:G: inclusion:N:s inclusions:S: inclusive:J:
inclusiveness:N: incoherence:N:s incoherent:J: incoherently:R: income-earner:N: income-oriented:J: income-paying:J: income-producing:J:
income-support:N: income-tax:NJ: income:N:m incomes:S: incoming:JG: incomparable:J: incomparably:R: incompatibility:N:z incompatible:J:
incompatibles:S: incompetence:N:u incompetency:N:u incompetent:J: incompetently:R: incompetents:S: incomplete:J: incompletely:R: incompleteness:N:s
incomprehensible:JN: incomprehension:N:k inconceivable:J: inconclusive:J: inconclusively:R: incongruities:S: incongruity:N:u incongruous:J:
inconsequential:J: inconsiderable:J: inconsistencies:S: inconsistency:N:z inconsistent:J: inconsistently:R: inconspicuous:J: inconspicuously:R:
incontestable:J: incontrovertible:J: inconvenience:N:s inconveniences:S: inconvenient:J: inconveniently:R: incorporate:VJ: incorporated:EJD:
incorporates:P: incorporating:JG: incorporation:N:a incorrect:J: incorrectly:R: incorrigible:J: incorruptibility:N:u incorruptible:JN:
increase-results:S: increase:NV:q increased:EJVD: increases:SP: increasing-rate:J: increasing:GJN: increasingly:R: incredible:J: incredibly:R:
incredulity:N:k incredulously:R: increment:N:s incremental:J: increments:S: incriminating:GJ: incubate:V: incubated:E: incubating:G: incubation:N:a
incubi:S: incubus:N:p inculcated:DE: inculcation:N:a incumbencies:S: incumbency:N:t incumbent-protection:J: incumbent:JN:p incumbents:S: incur:V:
incurable:J: incurably:R: incurred:ED: incurring:G: incurs:P: incursion:N:a indebted:J: indebtedness:N:s indecency:N:u indecent:J: indecipherable:J:
indecision:N:k indecisive:J: indecisively:R: indecisiveness:N:k indeed:RU: indefatigable:J: indefensible:J: indefinable:J: indefinite:JN:
indefinitely:R: indefiniteness:N:u indefinity:N:u indelible:J: indelibly:R: indelicate:J: indemnification:N:m indemnify:V: indemnifying:G:
indemnity:N:s indentation:N:u indentations:S: indenture:N:u indentured:E: independant:J: independence:N:s independent-contractor:J:
independent-minded:J: independent:JN:p independently:R: independents:S: indescribable:J: indestructibility:N:u indestructible:J: indeterminable:J:
indeterminate:J: index-arbitrage-related:J: index-arbitrage:NJ: index-fund:JN: index-futures:JS: index-linked:J: index-options:S: index-related:J:
index-trading:N: index:NV:z indexation:N:a indexed:EJ: indexer:N:p indexers:S: indexes:S: indexing:NG:a india:N:l indiana:N:l indianapolis:N:l
indicate:V: indicated:DJE: indicates:P: indicating:G: indication:N:w indications:S: indicative:J: indicator:N:w indicators:S: indices:S: indict:V:
indicted:ED: indictment:N:w indictments:S: indifference:N:s indifferent:J: indigation:N: indigenous:J: indigent:J: indigents:S: indigestible:J:
indigestion:N:s indignant:J: indignantly:R: indignation:N:s indignities:S: indignity:N:a indirect:J: indirection:N:a indirectly:R: indirectness:N:u
indiscreet:J: indiscretions:S: indiscriminantly:R: indiscriminate:J: indiscriminating:J: indispensability:N:u indispensable:JN: indispensible:J:
indisposed:J: indisposition:N:s indisputable:J: indisputably:R: indistinct:J: indistinguishable:J: indium:N:x individual-contributor:N:
individual-investor:NJ: individual-type:J: individual:JN:z individualism:N:u individualist:N:p individualistic:J: individualists:S: individuality:N:u
individualized:JE: individualizing:G: individually:R: individuals:S: individuate:V: individuation:N:k indivisibility:N: indivisible:J: indoctrinated:E:
indoctrinating:N: indoctrination:N:a indolence:N:u indolent:J: indolently:R: indomitable:J: indonesia:N:l indoor:J: indoors:NR: indorsed:D:
indpendent:J: indubitable:J: induce:V: induced:ED: inducement:N:k inducements:S: induces:P: inducing:G: inducted:E: inductees:S: induction:N:a
inductions:S: indulge:V: indulged:D: indulgence:N:u indulgences:S: indulgent:J: indulges:P: indulging:G: industralization:N: industrial-automation:N:
industrial-equipment:N: industrial-gas:J: industrial-gases:J: industrial-product:N: industrial-production:J: industrial-property:N:
industrial-services:J: industrial-vehicle:N: industrial:J: industrialism:N:g industrialist:N:p industrialists:S: industrialization:N:a industrialize:V:
industrialized:EJ: industrially:R: industrials:SP: industries:S: industrious:J: industriously:R: industry-financed:J: industry-funded:J:
industry-government:JN: industry-specific:J: industry-standard:J: industry-supported:J: industry-wide:J: industry:N:g industryas:S: industrywide:JR:
industy:N: indwelling:GJ: inedible:J: ineffable:J: ineffably:R: ineffective:J: ineffectively:R: ineffectiveness:N:u ineffectual:J: inefficiencies:S:
inefficiency:N:k inefficient:J: ineligible:J: ineluctable:J: inept:J: ineptitude:N:k ineptly:R: ineptness:N:k inequalities:S: inequality:N:u
inequitable:J: inequitably:R: inequities:S: inequity:N:u inert:J: inertia:N:u inertial:J: inescapable:J: inescapably:R: inevitabilities:S:
inevitability:N:u inevitable:J: inevitably:R: inexact:J: inexcusable:J: inexhaustible:J: inexorable:J: inexorably:R: inexpensive:J: inexperience:N:k
inexperienced:J: inexpert:J: inexplicable:J: inexplicably:R: inexplicit:J: inexpressible:J: inexpressibly:R: inextricable:J: inextricably:R:
infallibility:N:u infallible:JN: infamous:J: infamy:N:s infancy:N:t infant-formula:N: infant-mortality:JN: infant:NJ:p infantile:J: infantry:N:g
infantryman:N:p infantrymen:S: infants:S: infarct:N:s infarction:N:s infatuation:N:s infect:V: infected:EDJ: infecting:G: infection-fighting:J:
infection-screening:J: infection:N:s infections:S: infectious:J: infelicitous:J: infer:V: inferable:J: inference:N:k inferences:S: inferential:J:
inferior:J: inferiority:N:s infernal:J: infernally:R: inferno:N:l inferred:DE: infertile:J: infertility:N:s infest:V: infestation:N:s infestations:S:
infested:EJ: infesting:G: infests:P: infidel:J: infidelity:N:u infidels:S: infield:N:x infielder:N:p infielders:S: infighting:N: infiltrate:V:
infiltrated:ED: infiltrating:G: infiltration:N:a infinite:JN:z infinitely:R: infinitesimal:J: infinitesimally:R: infinitive:N:w infinitum:N:
infinity:N:t infirm:J: infirmary:N:x infirmity:N:s inflame:V: inflamed:JD: inflammation:N:s inflammations:S: inflammatory:J: inflate:V: inflated:JDE:
inflates:P: inflating:G: inflation-created:J: inflation-fighting:JN: inflation-free:J: inflation-fuels-growth:J: inflation-growth:N: inflation-hedge:J:
inflation-induced:J: inflation-offsetting:J: inflation-wary:J: inflation:N:s inflationary:J: inflations:S: inflected:EJ: inflecting:G: inflection:N:z
inflections:S: inflexible:J: inflict:V: inflicted:DE: inflicting:G: infliction:N:a inflight:J: inflow:N:s inflows:S: influence-peddling:NJ:
influence:NV:u influenced:ED: influences:SP: influencing:G: influent:JN: influential:J: influenza-pneumonia:J: influenza:N:s influx:N:s inform:V:
informal:J: informality:N:u informally:R: informant:N:p informants:S: informatics:S:k information-cell:N: information-delivery:N:
information-display:JN: information-gathering:J: information-processing:N: information-products:S: information-seeking:N: information-service:N:
information-services:JS: information-system:J: information-systems:SJ: information-technology:J: information:N:w informational:J: informative:J:
informed:EDJ: informer:J: informing:G: informs:P: infraction:N:a infractions:S: infrared:JN:u infrastructural:J: infrastructure:N:x infrastructures:S:
infrequent:J: infrequently:R: infringe:V: infringed:DE: infringement:N:a infringements:S: infringes:P: infringing:G: infuriate:V: infuriated:DE:
infuriating:JG: infuriation:N:s infuse:V: infused:E: infusion-therapy:J: infusion:N:x infusions:S: ingenious:J: ingeniously:R: ingenuity:N:k ingest:V:
ingested:DE: ingestion:N:a inglorious:J: ingloriously:R: ingot:N:x ingots:S: ingrained:J: ingrates:S: ingratiate:V: ingratiating:J: ingratitoode:N:
ingratitude:N:s ingredient:N:x ingredients:S: ingroup:N:g inhabit:V: inhabitant:N:p inhabitants:S: inhabitation:N:a inhabited:EDJ: inhabiting:G:
inhabits:P: inhalation:N:a inhaling:G: inharmonious:J: inherent:J: inherently:R: inheres:P: inherit:V: inheritable:J: inheritance:N:a inherited:EDJ:
inheriting:G: inheritor:N:p inheritors:S: inherits:P: inhibit:V: inhibited:DE: inhibiting:GJ: inhibition:N:a inhibitions:S: inhibitor:N:x inhibitors:S:
inhibitory:J: inhibits:P: inholdings:S: inhomogeneous:J: inhospitable:J: inhuman:J: inhumane:J: inhumanities:S: inimical:J: inimitable:J: iniquities:S:
iniquitous:J: initial:JNV:w initialed:DE: initialing:G: initially:R: initials:S: initiate:VN:p initiated:ED: initiates:PS: initiating:G: initiation:N:a
initiatiors:S: initiative:N:u initiatives:SP: initiator:N:p initiatve:N: inject:V: injected:ED: injecting:G: injection-molded:J: injection:N:a
injections:S: injects:P: injunction:N:w injunctions:S: injunctive:J: injure:V: injured:EDJ: injures:P: injuries:S: injuring:G: injurious:J:
injury-prone:J: injury:N:s injustice:N:a injustices:S: ink-jet:J: ink-jetting:J: ink:N:x inkblots:S: inking:N: inkling:N:k inks:S: inkstand:N:x
inky-brown:J: inlaid:E: inland:RJ: inlay:N:x inlet:N:x inlets:S: inmate:N:p inmates:S: inn:N:x innards:SN:x innate:J: innately:R: inner-city:JN:
inner-ear:J: inner:J: innermost:J: inning:N:t innings:NS:a innocence:N:u innocent:J: innocently:R: innocents:S: innoculated:E: innoculating:G:
innoculation:N: innocuous:J: innovate:V: innovated:D: innovation:N:x innovations:S: innovative:J: innovativeness:N:k innovator:N:p innovators:S:
inns:S: innuendo:N:w innuendoes:S: innumerable:J: inoculate:V: inoculation:N:a inoculations:S: inoperable:J: inoperative:J: inopportune:J:
inordinate:J: inordinately:R: inorganic:J: inpatient:N:p inpatients:S: inpenetrable:J: inplace:N: inpost:N: input:N:w inputs:S: inquest:N:a inquire:V:
inquired:DE: inquiries:S: inquiring:JG: inquiry:N:k inquisitive:J: inquisitiveness:N:k inquisitor:N:p inroad:N:a inroads:S: insane:J: insanely:R:
insanity:N:s insatiable:J: inscribed:EDJ: inscription:N:w inscriptions:S: inscrutability:N:u inscrutable:J: insect:NJ:n insecticide:N:x insecticides:S:
insects:S: insecure:J: insecurities:S: insecurity:N:s insemination:N:a insensitive:J: insensitivity:N:u inseparable:J: insert:VN:w inserted:ED:
inserting:G: insertion:N:w insertions:S: inserts:S: inset:N:x insets:S: inshore:JR: inside-the-beltway:N: inside:IJNR:l insider-selling:N:
insider-trading:NJ: insider:NJ:p insiders:S: insides:S: insidious:J: insidiously:R: insight:N:k insightful:J: insights:S: insignificance:N:u
insignificances:S: insignificant:J: insincere:J: insinuate:V: insinuated:D: insinuates:P: insinuating:G: insinuation:N:w insinuations:S: insinuendo:N:
insipid:J: insist:V: insisted:DE: insistence:N:w insistent:J: insistently:R: insisting:G: insists:P: insofar:RI: insolence:N:u insolent:J:
insolently:R: insoluble:JN: insolvencies:S: insolvency:N:s insolvent:JN:p insomnia:N:s insomniacs:S: insouciance:N:s inspect:V: inspected:ED:
inspecting:G: inspection:N:a inspections:S: inspector-general:J: inspector:N:p inspectors:SP: inspiration:N:k inspirational:J: inspirationally:R:
inspirations:S: inspire:V: inspired:EJD: inspires:P: inspiring:JG: insta-book:N: instability:N:s install:V: installation:N:a installations:S:
installed:EJD: installer:N: installing:G: installment-loan:J: installment:NJ:m installments:S: instalments:S: instance:N:a instances:S: instancy:N:u
instant-camera:N: instant-credit:N: instant-replay:N: instant:NJ:t instantaneous:J: instantaneously:R: instantly:R: instead:R: instigate:V:
instigated:DE: instigating:G: instigation:N:w instigator:N:p instigators:S: instill:V: instillation:N:a instills:P: instinct:N:k instinctive:J:
instinctively:R: instincts:S: instinctual:J: institute-sponsored:J: institute:NV:g instituted:ED: institutes:N: instituting:G: institution-wide:J:
institution:N:g institutional-type:J: institutional:J: institutionalized:EJ: institutionally:R: institutions:S: instruct:V: instructed:ED:
instructing:G: instruction-set:JN: instruction:N:w instructional:J: instructions:S:w instructive:J: instructor:N:p instructors:S: instructs:P:
instrument-jammed:J: instrument:N:x instrumental-reward:J: instrumental:JN: instrumentalist:N:p instrumentalists:S: instrumentalities:S:
instrumentality:N:g instrumentally:R: instrumentals:S: instrumentation:N:x instrumented:J: instruments:S: insubordinate:J: insubordination:N:u
insubstantial:J: insufferable:J: insufferably:R: insufficient:J: insufficiently:R: insularity:N:s insulate:V: insulated:EJ: insulating:GJN:
insulation:N:s insulator:N:x insulators:S: insulin-dependent:J: insulin:N:x insulins:S: insult:NV:w insulted:ED: insulting:JG: insults:S:
insuperable:J: insuperably:R: insupportable:J: insurability:N:u insurance-claims:S: insurance-company:NJ: insurance-cost:J: insurance-holding:J:
insurance-industry:N: insurance-policy:N: insurance-rate:J: insurance-reform:JN: insurance:N:m insure:V: insured:EDJN:p insurer:N:g insurers:S:
insures:P: insurgence:N:a insurgency:N:a insurgent:J: insurgents:S: insuring:G: insurmountable:J: insurrection:NJ:a insurrections:S: intact:J:
intactible:J: intake:N:a intangible:JN:m intangibles:S: integer:N:q integers:S: integral:NJ:k integrals:S: integrate:V: integrated-circuit:J:
integrated-steel:N: integrated-technologies:S: integrated:EJ: integrates:P: integrating:G: integration:N:a integrative:J: integrator:N:x integrators:S:
integrity:N:s intellect:N:k intellectual-literary:J: intellectual-property:J: intellectual:JN:p intellectuality:N: intellectually:R: intellectuals:S:
intelligence-briefing:N: intelligence-sharing:N: intelligence:N:k intelligent:J: intelligently:R: intelligentsia:NS:g intelligible:JN: intemperance:N:u
intend:V: intendant:N: intendants:S: intended:EDJ: intending:G: intends:P: intense:J: intensely:R: intensification:N:a intensified:EDJ: intensifier:N:w
intensifiers:S: intensify:V: intensifying:GJ: intensities:S: intensity:N:u intensive-care:JN: intensive:JN:w intensively:R: intent:NJ:k intention:N:k
intentional:J: intentionally:R: intentioned:J: intentions:S: intently:R: intentness:N:u intents:S: inter-agency:J: inter-bank:J: inter-city:J:
inter-company:J: inter-exchange:J: inter-governmental:J: inter-industry:J: inter-office:J: inter-plant:J: inter-relation:N: inter-relationships:S:
inter-species:J: inter-town:J: inter-tribal:J: inter:I: interact:V: interacting:GN: interaction:N:a interactions:S: interactive:J: interacts:P:
interagency:NJ: interaxial:J: interbank:NJR: interbreeding:G: intercede:V: interceded:D: intercept:NV:k intercepted:DE: interception:N:a
interceptor:N:x interceptors:S: intercepts:S: interchangable:J: interchange:N:x interchangeable:J: interchanges:S: intercity:JN: interclass:J:
intercollegiate:J: intercom:N:x intercompany:N: interconnect:NV: interconnected:E: interconnectedness:N:s interconnections:S: intercontinental:J:
intercorporate:J: intercourse:N:w intercrisis:N: interdenominational:J: interdepartmental:J: interdependence:N:z interdependent:J: interdicting:G:
interdiction:N:w intereference:N: interest-bearing:J: interest-deferred:J: interest-free:J: interest-only:J: interest-rate-sensitive:J:
interest-rate-type:J: interest-rate:NJ: interest-sensitive:J: interest-subsidy:N: interest:NV:k interested:JDE: interesting:J: interestingly:R:
interestrate:N: interests:SP: interface:NV:x interfaces:S: interfacial:J: interfaith:J: interfere:V: interfered:DE: interference-like:J:
interference:N:w interferes:P: interfering:G: interferometer:N:x interferometers:S: interferon:N:x intergenerational:J: interglacial:J:
intergovernmental:J: intergrated-steel:N: intergroup:JN: interim-dividend:N: interim:JN:t interior-construction:N: interior-decorating:J:
interior-furnishings:S: interior:JN:l interiors:S: interject:V: interjected:D: interjects:P: interlaced:EJ: interlacing:G: interlayer:N:x
interlibrary:J: interlining:N: interlinked:E: interlobular:J: interlocking:GJ: interlocutor:N:p interloper:N:p interlopers:S: interloping:G:
interlude:N:t interludes:S: intermarket:JN: intermarriage:N:s intermediaries:S: intermediary:NJ:p intermediate-range:J: intermediate-term:J:
intermediate:J: intermediates:S: interment:N:a intermeshed:E: interminable:J: intermingle:V: interministerial:J: intermission:N:a intermissions:S:
intermittent:J: intermittently:R: intermixed:D: intermodal:J: intermolecular:J: intern:NV:p internal-external:J: internal-security:N: internal:J:
internalized:E: internally:R: international-capital:J: international-defense:N: international-leasing:J: international-operations:S:
international-payments:S: international-share:J: international:JN:g internationalism:N:k internationalist:J: internationalists:S:
internationalization:N:a internationalize:V: internationalized:E: internationalizing:G: internationally:R: internationals:S: interne:N:p interned:E:
interning:G: internist:N:p internists:S: internment:N:s interns:S: interoffice:J: interparty:N: interpenetrate:V: interpenetrates:P:
interpenetration:N:a interpeople:J: interpersonal:J: interplanetary:J: interplay:N:a interpolated:D: interpolation:N:w interpolations:S: interposed:E:
interposing:G: interposition:N:a interpret:V: interpretable:J: interpretation:N:k interpretations:S: interpretative:J: interpreted:ED: interpreter:N:p
interpreters:S: interpreting:G: interpretive:J: interpretor:N: interprets:P: interprovincial:J: interred:D: interregnum:N:t interrelated:EJ:
interrelation:N:z interrelations:S: interrelationship:N:z interrelationships:S: interrogate:V: interrogated:E: interrogation:N:w interrogative:N:w
interrogatives:S: interrogator:N:p interrogators:S: interrupt:V: interrupted:EJD: interrupting:G: interruption:N:a interruptions:S: interrupts:P:
intersect:V: intersecting:G: intersection:N:k intersections:S: interspecies:S: interspersed:E: intersperses:P: interst:N: interstage:N: interstate:JN:x
interstates:S: interstellar:J: interstices:S: interstitial:J: intertitles:S: intertwined:EJ: intertwining:GJ: interval:N:t intervals:S: intervene:V:
intervened:DE: intervenes:P: intervening:G: intervenors:S: intervention-speeded:J: intervention:N:a interventionist:J: interventionists:S:
interventions:S: interview:NV:w interviewed:ED: interviewee:N:p interviewees:S: interviewer:N:p interviewers:S: interviewing:GN: interviews:SP:
interwar:J: interweaving:G: interwoven:ED: intestinal:J: intestine:N:x intestines:S: inti:N:q intial:J: intifada:N:a intifadah:N:a intima:N:x
intimacy:N:u intimal:J: intimate:JNV:p intimated:DE: intimately:R: intimating:G: intimation:N:w intimations:S: intimidate:V: intimidated:E:
intimidates:P: intimidating:GJ: intimidation:N:a intimidations:S: intitiative:N: into:IR: intolerable:J: intolerably:R: intolerance:N:u intolerant:J:
intonaco:N: intonation:N:w intonations:S: intoned:DE: intones:P: intoxicated:J: intoxicating:J: intoxication:N:s intra-administration:J: intra-city:N:
intra-company:J: intra-governmental:J: intra-mural:J: intra-party:J: intra-state:J: intra-stellar:N: intra-uterine:J: intracompany:J: intractable:J:
intraday:JN: intradepartmental:J: intraepithelial:J: intragovernment:J: intramural:J: intramuscularly:R: intranasal:J: intransigence:N:u
intransigent:J: intransigents:S: intraocular:J: intraparty:J: intrapreneurship:N: intrapulmonary:J: intrastate:J: intratissue:N: intrauterine:J:
intravenous:J: intravenously:R: intrenchment:N:x intrepid:J: intricacies:S: intricate:J: intricately:R: intrigue:NV:k intrigued:EJ: intrigues:S:
intriguing:JG: intriguingly:R: intrinsic:J: intrinsically:R: introduce:V: introduced:ED: introduces:P: introducing:G: introduction:N:a introductions:S:
introductory:J: introject:N:k introjected:E: introjects:S: introspection:N:k introspective:J: introverted:EJ: intrude:V: intruded:ED: intruder:N:p
intruders:S: intrudes:P: intruding:G: intrusion:N:a intrusions:S: intrusive:J: intuition:N:k intuitions:S: intuitive:J: intuitively:R: inundated:EJ:
inundating:G: inundation:N:s inundations:S: inure:V: inured:E: invade:V: invaded:DE: invader:N:p invaders:S: invades:P: invading:G: invalid:JNS:p
invalidate:V: invalidated:ED: invalidism:N:s invalids:S: invaluable:J: invariable:J: invariably:R: invariant:JN:k invasion-theory:N: invasion:N:a
invasions:S: invasive:J: invective:N:w inveigh:V: inveigle:V: invent:V: invented:ED: inventing:G: invention:N:k inventions:S: inventive:J:
inventively:R: inventiveness:N:k inventor:N:p inventories:S: inventors:S: inventory:N:w invents:P: inverse:JN:z inversely:R: inversion:N:s
inversions:S: invert:V: invertebrates:S: inverted:JE: invest:V: investable:J: invested:ED: investigate:V: investigated:ED: investigates:P:
investigating:GN:a investigation:N:k investigational:J: investigations:S: investigative-reporting:N: investigative:J: investigator:N:p investigators:S:
investing:GJN:a investment-advisory:N: investment-area:J: investment-bank:J: investment-banking:NJ: investment-counseling:J: investment-grade:JN:
investment-holding:J: investment-house:N: investment-insurance:N: investment-linked:J: investment-management:NJ: investment-newsletter:N:
investment-oriented:J: investment-promotion:N: investment-recovery:N: investment-tax:J: investment:NJ:a investments:S: investor-owned:J:
investor-relations:SJ: investor:N:p investors:S: invests:P: inveterate:J: invidious:J: invigorate:V: invigorated:E: invigorating:G: invigoration:N:u
invincible:J: inviolability:N: inviolable:J: inviolate:J: invisible:J: invisibles:S: invisibly:R: invitation:N:w invitational:J: invitations:S:
invite:VN:w invited:ED: invitees:S: invites:P: inviting:GJ: invocation:N:w invoices:S: invoicing:N: invoke:V: invoked:DE: invokes:P: invoking:G:
involuntarily:R: involuntary-control:J: involuntary:J: involution:N:s involutions:S: involutorial:J: involve:V: involved:EDJV: involvement:N:a
involvements:S: involves:P: involving:G: invulnerability:N:s invulnerable:J: inward-looking:J: inward:RJ: inwardly:R: inwardness:N:k
iodide-concentrating:J: iodide:N:x iodinate:V: iodinated:E: iodinating:G: iodination:N:s iodine:N:x iodoamino:N: iodocompound:N:x iodocompounds:S:
iodoprotein:N:x iodothyronine:N:x iodothyronines:S: iodotyrosine:N:x iodotyrosines:S: ion:N:x ionic:J: ionized:EJ: ionizing:G: ionosphere:N:l ions:S:
iota:N:q ip:N:k iran:N:l iraq:N:l irate:J: ire:N:s ireland:N:l iridescent:J: iridium:N:x irised:E: irish:N:p irishman:N:p irk:V: irked:ED: irks:P:
irksome:J: iron-casting:J: iron-clad:J: iron-handed:J: iron-ore:N: iron-poor:J: iron-rod:J: iron-shod:J: iron-willed:J: iron:NV:x ironclad:J: ironed:E:
ironfist:N: ironic:J: ironical:J: ironically:R: ironies:S: ironing:GN:x irons:SP:x ironworker:N:p ironworks:N:x irony:N:w irradiated:EJ:
irradiation:N:s irrational:J: irrationality:N:s irrationally:R: irreconcilable:J: irredeemable:J: irredeemably:R: irredentism:N:k irreducible:J:
irrefutable:J: irregular:JN:p irregularities:S: irregularity:N:a irregularly:R: irregulars:S: irrelevant:J: irremediable:J: irreparable:J:
irreparably:R: irreplaceable:J: irrepressible:J: irreproducibility:N:u irresistable:J: irresistible:J: irresistibly:R: irresolute:J: irresolution:N:k
irresolvable:J: irrespective:R: irresponsibility:N:u irresponsible:JN: irresponsibly:R: irretrievably:R: irreverence:N:k irreverent:J:
irreversibility:N:u irreversible:J: irreversibly:R: irrevocable:J: irrevocably:R: irrigate:V: irrigating:G: irrigation:N:a irritability:N:s
irritable:J: irritably:R: irritant:N:k irritants:S: irritate:V: irritated:EJD: irritates:P: irritating:J: irritation:N:s irritations:S: irruption:N:a
irruptions:S: is:PRSV: iself:N: island-fantasy:J: island-hopping:J: island:N:x islander:N:p islanders:S: islands:SP: isle:N:x ism:N:k isms:S:
isocyanate-labeled:N: isocyanate:N:x isolate:V: isolated:EJD: isolates:P: isolating:GJ: isolation:N:s isolationism:N:w isolationistic:J: isomer:N:x
isomers:S: isopleth:N:l isopleths:S: isothermal:J: isothermally:R: isotonic:J: isotopic:J: isotropic:J: israeli:N:p issuable:J: issuance:N:a
issuances:S: issue:NV:k issued:EDJ: issuer:N:g issuers:S: issues-such:J: issues:SP: issuing:G: isthmus:N:x it-wit:N: it:O: italian:N:p italic:N:w
italicized:E: italics:S: italy:N:l itch:VN:s itches:P: itching:GN:k itchy:J: item-processing:J: item-veto:JV: item:N:w itemization:N:a itemize:V:
itemized:E: itemizing:G: items:SP: iteration:N:s itinerant:J: itinerary:N:l its:O: itself:O: itty-bitty:J: ity:N: ivory-inlay:N: ivory-tower:JN:
ivory:NJ:x ivy-covered:J: ivy:N:b j:N:q jab:N:a jabbed:D: jabberings:S: jabbing:G: jabs:S: jack:VN:q jackass:N:p jackbooted:J: jackboots:S: jackdaw:N:n
jackdaws:S: jacked:DE: jacket:N:x jacketed:JE: jackets:S: jackhammers:S: jacking:G: jackpot:N:m jade-handled:J: jade:N:x jaded:JE: jag:N:x jagged:JE:
jaggedly:R: jail:NV:x jailed:EDJ: jailhouse:N:x jailing:G: jails:S: jakes:N:x jalapeno:J: jalopy:N:x jam:NV:f jamaican:N:p jamboree:N:a
jammed-together:J: jammed:EDJ: jammies:S:x jamming:N:a jams:S: jan:N:t janglers:S: jangling:G: janissary:N:p janitor:N:p janitors:S: jansenist:N:p
january:N:t jap:N:p japan:N:l japanese:N:p jar:N:x jargon:N:w jarred:DE: jarring:GJ: jarringly:R: jars:S: jasmine:N:b jauntily:R: jaunts:S: jaunty:J:
java:N:l jaw:N:x jawbone:N:x jawboning:N: jaws:S: jay:N:p jays:S: jaywalkers:S: jazz:N:w jazzmen:S: jazzy:J: jealous:J: jealousies:S: jealously:R:
jealousy:N:s jeans:S:x jeep:N:x jeers:S: jejune:J: jejunum:N:x jell:V: jelled:D: jellies:S: jelly:N:f jellyfish:N:n jeopardize:V: jeopardized:E:
jeopardizes:P: jeopardizing:G: jeopardy:N:s jerk:NV:p jerked:DE: jerking:G: jerkings:S: jerks:S: jerky:JN:f jersey:N:l jerusalem:N:l jest:N:w
jester:N:p jesting:G: jesuit:N:p jesus:N:p jet-black:N: jet-engine:N: jet-setters:S: jet:NV:x jetliner:N:x jetliners:S: jetplane:N: jets:S: jetting:G:
jettison:V: jettisoned:E: jettisoning:G: jetty:N:x jew-baiter:N:p jew:N:p jewel-bright:R: jewel:N:x jeweled:J: jeweler:N:p jewelers:S:
jewelery-related:J: jewelery:N: jewelled:J: jewelry:N:x jewels:S: jibe:N:w jibes:S: jiffy:N:t jig:N:w jigger:N:x jiggling:G: jigsaw:N:x jihad:N:a
jillions:S: jilted:E: jimdandy:N:p jimhickey:N:p jimmied:D: jingle:N:a jingled:D: jingles:S: jingling:G: jinks:S:a jinx:N:p jinxed:E: jist:R:
jitterbug:N:a jitters:SN:s jittery:J: jiving:G: job-boosters:S: job-classification:N: job-destroying:J: job-hunters:S: job-hunting:J: job-rating:J:
job-seekers:S: job-training:N: job:N:a jobless:J: joblessness:N: joblot:N: jobs-tears:S: jobs:S: jock:N:p jockey:NV:p jockeying:GN: jockeys:S: jocks:S:
jocose:J: jocular:J: jocularly:R: jocund:J: jog:V: jogger:N:p joggers:S: jogging:N:a jogs:P: john:N:x johnny:N:p join:V: joined:DE: joiner:N:p
joiners:S: joining:GN:a joins:P: joint-implants:S: joint-production:J: joint-research:J: joint-return:J: joint-venture:JN: joint-venturing:N:
joint:JN:x jointly:R: joints:S: joke:NV:w joked:D: joker:N:p jokers:S: jokes:SP: joking:G: jokingly:R: jolly:J: jollying:G: jolt:NV:a jolted:DE:
jolting:G: jolts:S: jonquil:N:b jonquils:S: joss:N:x jostle:V: jostled:D: jostling:G: jot:N:w jots:P: jotted:J: jotting:G: jounce:N:a journal:N:w
journalese:N:w journalism:N:w journalist:N:p journalistic:J: journalistically:R: journalists:S: journals:S: journey:NV:a journeyed:D: journeying:G:
journeys:S: joust:N:a jousting:G: jovial:J: jowl:N:x jowls:S: jowly:J: joy:N:s joyful:J: joyfully:R: joyless:J: joyous:J: joyously:R: joyride:N:a
joys:S: jubilant:J: jubilantly:R: jubilation:N:s judaism:N:g judge-made:J: judge:NV:p judged:ED: judgement:N:w judgements:S: judges:SP:w judgeship:N:a
judgeships:S: judging:GN:k judgment-proof:J: judgment:N:k judgmental:J: judgments:S: judicial-bypass:J: judicial-conduct:N: judicial:J: judicially:R:
judiciaries:S: judiciary:NJ:g judicious:J: judiciously:R: jug:N:x juggernaut:N:p juggle:V: jugglers:S: juggling:GN:a jugs:S: juice-storage:J: juice:N:f
juices:S: juiciest:J: juicy:J: juju:N:k juke:N:x jukebox:N:x julep:N:f juleps:S: july:N:t jumble:N:s jumbled:E: jumbo:JN: jumbos:S: jump-start:V:
jump:NVJ:a jumped-up:J: jumped:DE: jumper:N:p jumpiness:N:s jumping-off:J: jumping:GN:a jumps:SP: jumpsuits:N: jumpy:J: junction:N:x juncture:N:a
junctures:S: june:N:t jungle:N:l jungles:S: junior-grade:J: junior-high:J: junior-philosophical:J: junior-senior:J: junior-year-abroad:J: junior:JN:p
juniors:S: junk-bond-financed:J: junk-bond:NSJ: junk-bonds:S: junk-financed:J: junk-fund:N: junk-holders:S: junk-mail:NJ: junk-market:JN: junk-yard:N:
junk:NV:x junkbond-financed:J: junkbond:N: junked:E: junket:N:f junketeering:N: junkets:S: junkholders:S: junkie:N:p junkies:S: junkification:N:
junkless:J: junkloads:S: junks:P: junkyard:N:l junta:N:g jupiter:N:x juridical:J: juries:S: jurisconsults:S: jurisdiction:N:u jurisdictional:J:
jurisdictions:S: jurisprudence:N:k jurisprudentially:R: jurist:N:p jurists:S: juror:N:p jurors:S: jury-duty:N: jury-rigged:D: jury-tampering:J:
jury:N:g just-announced:J: just-completed:J: just-concluded:J: just-departed:J: just-ended:J: just-in-time:J: just-picked:J: just-rejuvenated:J:
just-revised:J: just-say-no:J: just:RJ: justice:N:u justices:S: justiciable:J: justifiable:J: justifiably:R: justification:N:k justifications:S:
justified:EDJ: justifies:P: justify:V: justifying:G: justitia:N: justly:R: justness:N:u jute:N:x jutting:G: juvenile:JN:p juxtapose:V: juxtaposed:E:
juxtaposes:P: juxtaposition:N:a juxtapositions:S: k:N:q kale:N:m kalega:N: kaleidescope:N: kaleidoscope:N:k kamikaze:N:x kangaroo-committee:N:
kangaroo:N:n kansas:N:l kapok-filled:J: karaoke:N:a kayo:V: kayoed:E: kazoo:N:x kc:N:t kebabs:S: kebob:N: kedgeree:N:f keel:NV:u keeled:D: keelson:N:x
keen:JNV:w keener:J: keenest:J: keening:NG: keenly:R: keenness:N:k keep:VN:m keeper:N:p keeping:GN:a keeps:PS: keepsake:N:x keepsakes:S: keg:N:q
kegful:J: kegs:S: kelp:N:n ken:N:k kennel:N:x kenning:N:w kennings:S: keno:J: kent:N:l kentucky:N:l kept:DE: keratitis:N:s kerchief:N:x kerchiefed:J:
kerchiefs:S: kernel:N:b kernels:S: kerosene:N:x kerygma:N:w ketch:N:x ketches:S: ketchup:N:f ketosis:N:s kettle:N:x key-financial:J: key-punched:J:
key-someone:N: key:JNV:x keyboard:N:x keyboarding:G: keyboards:S: keychain:N: keyed:EJ: keyhole:N:x keying:G: keyless:J: keynote:VN:w keynotes:S:
keypads:S: keys:S: keystone:N:k keystroke:N:a khaki-bound:J: khaki:J: khartoum:N:l khmer:N:w ki-yi-ing:G: kibbutz-made:J: kibbutz:N:g kibbutzim:S:
kibbutzniks:S: kick-off:N: kick-offs:S: kick-starting:G: kick-up:N: kick:NV:a kickback:N:m kickbacks:S: kicked:DE: kicker:N:p kickers:S: kicking:GN:a
kickoff:N:a kicks:PS: kid:NV:p kiddie:N:p kiddies:S: kidding:G: kidnap:V: kidnaped:E: kidnapped:ED: kidnapper:N:p kidnappers:S: kidnapping:NG:a
kidney-shaped:J: kidney-stone:N: kidney:N:x kidneys:S: kids:SP: kif:N: kill:VN:a killable:J: killed:ED: killer:N:p killers:S: killin:G: killing:GJN:a
killings:S: kills:PS: kiln:N:x kilns:S: kilobytes:S: kilogram:N:q kilograms:S: kilometer:N:q kilometers:S: kiloton:N:q kilowatt-hour:N:
kilowatt-hours:SN: kilowatt:N:q kilowatts:S: kilter:N:s kilts:S: kin:NJM:p kind:NJR:k kinda:R: kinder:J: kindergarten:N:g kindest:J: kindle:V:
kindled:E: kindliness:N:u kindly:RJ: kindness:N:u kindnesses:S: kindred:J: kinds:S: kinesics:S: kinesthetic:J: kinesthetically:R: kinetic:J:
kinfolk:S:g king-sized:J: king:N:p kingdom-wide:J: kingdom:N:s kingdoms:S: kingmaker:N:p kingpin:N:p kingpins:S: kings:S: kingside:N: kinked:J:
kinship:N:z kiosk:N:x kipling:N:p kisha-club:J: kiss:NV:a kissed:DE: kisses:SP: kissing:G: kissings:S: kit:N:x kitchen-sink:J: kitchen-table:J:
kitchen:N:x kitchenette:N:x kitchens:S: kitchenware:N:x kite:N:m kits:S: kitschy:J: kitten:N:n kittenish:J: kittens:S: kitty-cornered:J: kitty:N:m
kiwi:N:b klaxon:N:x kleenex:N:x klieg:N: km:N:q knack:N:k knackwurst:N:f knapsack:N:x kneaded:E: kneading:G: knee-deep:J: knee-jerk:JR: knee-length:J:
knee-socked:J: knee-type:J: knee:N:x kneebreeches:S: kneecap:N:x kneel:V: kneeled:D: kneeling:G: kneels:P: knees:S: knell:N:a knelt:DE: knew:D:
knick-knacks:S: knife-edge:N:u knife-men:S: knife:N:x knifelike:J: knight-errant:N:p knight-errantry:N: knight:N:p knighted:E: knightly:J: knights:S:
knit:EJNV:x knite:N: knitted:EDJ: knitting:GN:x knitwear:N:x knives:S: knob:N:x knobby-knuckled:J: knobs:S: knock-down:J: knock-off:N: knock-offs:SJ:
knock-out:J: knock:VN:a knockdown:N:a knocked:DE: knockers:S: knocking:GN:a knockoff:N:x knockoffs:S: knockout:N:p knocks:PS: knoe:V: knoll:N:x
knot-tying:J: knot:NV:g knots:S: knott:N: knotted:JDE: knotty:J: know-how:N:k know:VN:k knowed:E: knoweth:V: knowhow:N: knowing:GJN:k knowingly:R:
knowledge:N:z knowledgeable:J: known:EJ: knowns:S: knows:P: knuckle-duster:N: knuckle:NV:x knuckleball:N:a knuckled:D: knuckles:SP:x kob:N:n
koinonia:N:g kola:N:b kolkhoz:N:g kolkhozes:S: konga:N: kooks:S: kooky:J: korea:N:l korean:N:p kosher:J: kowtow:V: kraft-pulp:J: kraft:N:x krater:N:
kraut:N:p krauthead:N:p krautheads:S: krona:N:q kroner:N: kronor:SN: kryptonite:N: kudos:S:w kung-fu:N: kwashiorkor:N:s kwh:S: kwhr:N: kyat:N:q
kylix:N:x l:NS:q la-la:J: la:TN:x lab:N:x label:NV:w labeled:ED: labeling:GN: labelled:ED: labels:SP: labile:J: labor-backed:J: labor-based:J:
labor-force:N: labor-funded:J: labor-intensive:J: labor-management:JN: labor-saving:J: labor-shortage:N: labor:NV:g laboratories:S:
laboratory-services:JS: laboratory-supply:J: laboratory:N:x labored:DEJ: laborer:N:p laborers:S: laboring:G: laborious:J: laboriously:R: labors:SP:
labour:N:g labrador:N:l labs:S: labyrinth:N:x lace-drawn:J: lace:N:x laced:EDJ: lacerate:V: lacerated:E: lacerations:S: laces:S: lacey:JN: laches:N:
lack:NV:s lackadaisical:J: lacked:DE: lackey:N:p lackeys:S: lacking:GJ: lackluster:JNR: lacks:P: lacquer:N:x lacquered:E: lactate:N:x lactating:G:
lacy:J: lad:N:p ladder:N:x laddered:J: laden:JEV: ladies:S: ladle:N:x ladling:G: lads:S: lady-bugs:S: lady:N:p ladylike:J: laendler:J: lag:VNJ:a
lager:N:x lagers:S: laggard:JN:p laggardness:N: laggards:S: lagged:ED: lagging:GJN:x lagoon:N:x lagoons:S: lags:PS: lahk:I: laid-back:J: laid-off:JE:
laid:ED: lain:E: lair:N:l lairs:S: laissez-faire:JN: laity:N:g lak:I: lake:N:x lakes:S: lamb:N:n lambaste:V: lambasted:DE: lambastes:P: lambasting:G:
lambs:S: lambskin:N:x lame:J: lamechian:J: lamechians:S: lament:NV:w lamentation:N:w lamentations:S:w lamented:D: laments:PS: laminate:NJ:x
laminated:EJ: laminating:G: lammed:D: lamming:G: lamp:N:x lamplight:N:s lampoon:V: lampposts:S: lamps:S: lance:N:x lanced:E: lances:S: land-based:J:
land-disposal:N: land-idling:J: land-locked:J: land-ownership:N: land-owning:J: land-rich:J: land-use:N: land:NV:m landau:N:p landed:DE: landes:S:
landfall:N:x landfill:N:x landfilling:GN: landfills:S: landholdings:S: landing:NG:x landings:S: landler:N:w landlocked:J: landlord-tenant:J:
landlord:N:p landlords:S: landlubber:N:p landmark:NJ:l landmarks:S: landmass:N:x landowner:N:p landowners:S: landro:N: landrover:N:x lands:SP:
landscape:N:l landscaped:EJ: landscapers:S: landscapes:S: landscaping:NG:a landslide:N:a landslides:S: lane:N:x lanes:S: language-housekeeper:J:
language:N:w languages:SP: languid:J: languish:V: languished:ED: languishes:P: languishing:GJ: languor:N:s languorous:J: lankmark:N: lanky:J:
lantana:N:b lantern:N:x lanterns:SP: lanthanum:N:x laos:N:l lap-shoulder:J: lap-top:J: lap:NV:x lapel:N:x lapels:S: lapidary:JN:p lapped:DE: lappet:N:x
lappets:S: lapping:G: laps:SP: lapse:NV:a lapsed:JDE: lapses:SP: lapsing:G: laptop:NJ:x laptops:S: larceny:N:a lard:N:f larder:N:f large-area:J:
large-business:J: large-capitalization:JN: large-city:JN: large-computer:N: large-denomination:NJ: large-deposit:J: large-diameter:J: large-enough:J:
large-firm:J: large-package:J: large-scale:J: large-screen:J: large-size:J: large-ticket:J: large-typeface:N: large-volume:J: large:JR:
largely-silent:J: largely:RE: larger-capitalization:J: larger-than-anticipated:J: larger-than-expected:J: larger-than-normal:J: larger:JR: largess:N:m
largesse:NV:m largest-ever:J: largest-selling:J: largest:JR: largish:J: lark:N:n larks:S: larkspur:N:b larva:N:n larvae:S: larval:J: larynx:N:x
lasciviously:R: laser-beam-printer:N: laser-read:J: laser-resistant:J: laser-surgery:N: laser-treatment:N: laser-type:J: laser:N:x lasers:S: lash-up:J:
lash:VN:x lashed:DE: lasher:N:p lashes:S: lashing:G: lashings:S:q lass:N:p lasses:S: lassitude:N:s lasso:NV:p last-ditch:J: last-gasp:J:
last-mentioned:J: last-minute:JN: last-named:J: last-place:J: last-resort:J: last-round:J: last-season:J: last-second:J: last:JNRV:t lasted:DE:
lastest:J: lasting:GJ: lastly:R: lasts:P: lat:N:x latch:NV:x latched:ED: latches:P: latching:G: late-afternoon:J: late-comers:S: late-day:J:
late-in-the-day:J: late-night:J: late-payment:NJ: late-summer:J: late:JR: latecomer:N:p latecomers:S: lately:R: latent:JN: later:RJ: lateral:J:
latermaturing:J: latest-quarter:J: latest:J: latex:N:x lath:N:x lathe:N:x lather:N:x lathered:ED: lathes:S: latin:N:w latitude:N:l latitudes:S:
lats:S:q latter-day:J: latter:NJ:z lattice:N:k laudable:J: laudably:R: laudanum:N:x laudatory:J: lauded:DE: laugh:NV:w laughed:DE: laugher:N:p
laughing:GJN: laughingly:R: laughingstock:N:p laughs:PS: laughter:N:w launch-control:N: launch-pad:J: launch-vehicle:N: launch:VN:x launched:EDV:
launcher:N:x launchers:S: launches:PS: launching:GN:a launchings:S: launder:V: laundered:ED: launderer:N: launderers:S: laundering:NG:a launderings:S:
laundries:S: laundromat:N:x laundry-type:J: laundry:N:x laureate:N:p laureates:S: laurel:N:b laurels:S:w lava-rocks:S: lava:N:x lavatory:N:x
lavender:JN:b lavish:J: lavished:DE: lavishing:G: lavishly:R: law-abiding:J: law-and-order:N: law-based:J: law-breaking:JN:a law-enforcement:NJ:
law-governed:J: law-making:S: law-school:NJ: law-unto-itself:J: law:N:g lawbreakers:S: lawful:J: lawfully:R: lawless:J: lawlessness:N:s lawmaker:N:p
lawmakers:S: lawmaking:JN:a lawman:N:p lawmen:S: lawmkers:S: lawn-feeding:J: lawn-mower:N: lawn:N:l lawnmower:N: lawns:S: laws:S:w lawsuit:N:a
lawsuits:S: lawyer:N:p lawyering:N: lawyers:S: lax:J: laxative:N:x laxatives:S: laxity:N:s laxness:N:u lay-sisters:S: lay-up:J: lay:DVJ: layer:N:x
layered:E: layering:GN: layers:S: layette:N:x laying:GN:s layman:N:p laymen:S: layoff:N:a layoffs:S: layout:N:k layouts:S: laypersons:S: lays:PS:
laze:V: lazily:R: lazy:J: lb-plus:J: lb:NS:q lbs:S: le:T: leach:V: leaches:S: leaching:N:s lead-exposure:J: lead-zinc:J: lead:VEJN:u leaded-glass:J:
leaded:J: leaden:J: leader:N:p leaderless:J: leaders:S:g leadership-sanctioned:J: leadership:N:a leading-edge:J: leading:GJN:x leadings:S: leadoff:N:
leads:PS: leadsman:N: leaf:N:b leafed:D: leafhopper:J: leafiest:J: leafing:G: leaflet:N:x leaflets:S: leafmold:N: leafy:J: league:N:g leagued:E:
leaguer:N: leaguers:S: leagues:S: leak:N:x leakage:N:a leaked:ED: leaker:N:p leakers:S: leaking:GJ: leaks:S: leaky:J: lean-to:JN:x lean:JV: leaned:DE:
leaner:JR: leaning:G: leans:P: leap:NV:a leaped:DE: leapfrog:VN:a leaping:G: leaps:SP: leapt:D: learn:V: learned:DEJN: learner:N:p learners:S:
learning-curve:J: learning:GN:k learns:P: leasable:J: lease-back:N: lease-funded:J: lease-rental:J: lease:NV:m leaseback:N: leased:EDJ: leases:SP:
leash:N:x leashes:S: leasing:NG: least-cost:J: least-developed-nation:J: least:JR: leather-bound:J: leather-hard:J: leather-men:S: leather:NJ:x
leatherbound:JN: leathered:J: leathers:S: leathery:J: leave-taking:N:a leave:VN:t leavened:DEJ: leavening:G: leaves:PJS: leavin:G: leaving:GN:a
leavings:S: lebensraum:N:q lecher:N:p lecherous:J: lectern:N:x lecture:NV:w lectured:DE: lecturer:N:p lecturers:S: lectures:SP: lecturing:GN:a led:EDV:
ledge:N:x ledger:N:m ledgers:S: ledges:S: leech:NV:n leeches:S: leered:D: leering:GJ: leery:J: leeway:N:s left-centerfield:J: left-field:J:
left-front:J: left-hand:J: left-handed:J: left-hander:N:p left-justified:J: left-leaning:J: left-of-center:J: left-right:J: left-wing:J: left:EJNRD:l
leftfield:N:x lefthander:N:p lefthanders:S: leftist:J: leftists:S: leftover:J: leftovers:S:f leftward:J: lefty:N:p leg-split:J: leg:N:x legacies:S:
legacy:N:m legal-ethics:S: legal-lending:J: legal-services:SJ: legal:J: legalistic:J: legality:N:u legalization:N:a legalize:V: legalized:E:
legalizing:G: legally:R: legatee:N:p legation:N:a legations:S: legato:J: legend:N:w legendary:J: legends:S: legerdemain:N:a legged:J: leggings:S:
leggy:J: legibility:N:u legible:J: legion:JN:g legions:S: legislate:V: legislated:ED: legislates:P: legislating:GN:a legislation-delaying:J:
legislation:N:w legislative:J: legislatively:R: legislator:N:p legislators:S: legislature:N:g legislatures:S: legitimacy:N:u legitimate:J:
legitimately:R: legitimating:G: legitimize:V: legitimized:E: legitimizes:P: legs:S:u legume:N:b leguminous:J: leisure-oriented:J: leisure-related:J:
leisure-services:J: leisure:N:t leisurely:JR: leitmotif:N:w leitmotiv:N:w lemma:N:w lemmas:S: lemmings:S: lemon-lime:J: lemon-meringue:N: lemon:NJ:f
lemonade:N:f lemons:S: len:N: lend-lease:J: lend:V: lendable:J: lender:N:p lenders:S: lending:NGJ:a lends:P: length:N:u lengthen:V: lengthened:EDJ:
lengthening:G: lengthens:P: lengthier:R: lengthiest:J: lengthily:R: lengths:S: lengthwise:RJ: lengthy:J: leniency:N:u lenient:J: lens:N:x lenses:S:
lent:DE: lentil:N:f lentils:S: leopard-trimmed:J: leopards:S: leotards:S:x lepidoptery:N:k leprae:S: leprosy:N:s lesbianism:N:a lesbians:S: lesion:N:s
lesions:S: less-aggressive:J: less-ambitious:J: less-binding:J: less-complicated:J: less-conservative:J: less-creditworthy:J: less-cyclical:J:
less-developed-country:J: less-developed:J: less-dramatic:J: less-educated:J: less-effective:J: less-established:J: less-expensive:J:
less-experienced:J: less-hurried:J: less-indomitable:J: less-influential:J: less-intrusive:J: less-junky:J: less-liquid:J: less-obvious:J:
less-perfectly:R: less-polluting:J: less-popular:J: less-profitable:J: less-restrictive:J: less-rigorous:J: less-risky:J: less-self-confident:J:
less-serious:J: less-sweeping:J: less-than-alarming:J: less-than-altruistic:J: less-than-amicable:J: less-than-brilliant:J: less-than-carload:J:
less-than-dazzling:J: less-than-diffident:J: less-than-exacting:J: less-than-expected:J: less-than-half-time:J: less-than-perfect:J:
less-than-robust:J: less-than-successful:J: less-than-truckload:J: less-toxic:J: less-traveled:J: less-visible:J: less:JCR: lessen:V: lessened:EJD:
lessening:NG:a lessens:P: lesser-developed-country:J: lesser-developed:J: lesser-known:J: lesser-rank:J: lesser:JR: lessers:S: lesson-learning:N:
lesson:N:a lessons:S: lessor:N:p lest:I: let-down:S: let-the-locals-decide:J: let:VDEN:g letdown:N:s lethal:J: lethality:N:u lethargic:J: lethargies:S:
lethargy:N:s lets:P: letter-writing:J: letter:N:w lettered:D: letterhead:N:w lettering:N:w letterman:N:p lettermen:S: letters:S:k lettin:G:
letting:GN:m lettuce:N:m letup:N:t leukemia:N:s levamisole:N: levee:N:g level-headed:J: level:NVJ:u leveled:DE: levelheadedness:N: leveling:NG:a
levelled:E: levels:SP: lever-action:J: lever:N:x leverage:NV:s leveraged-buy-out:JN: leveraged-takeover:N: leveraged:JEN: leveraging:GN:a levers:S:
levi-clad:J: leviathan:JN:p levied:ED: levies:S: levis:S:x levitation:N:s levity:N:s levy:NV:m levying:G: lewd:J: lewdly:R: lewdness:N:u lexical:J:
lexicon:N:k lexicostatistic:J: lexicostatistics:S:k leyte:N:a liabilities:S:m liability:N:s liabilty:N: liable:J: liaison:NJ:s liaisons:S: liar:N:p
liars:S: libel:N:w libeled:E: libellos:S: libelous:J: liberal-arts:S: liberal-conservative:J: liberal-democratic:J: liberal-led:J: liberal:JN:p
liberalism:N:k liberality:N:k liberalization:N:a liberalizations:S: liberalize:V: liberalized:EJD: liberalizing:G: liberally:R: liberals:S: liberate:V:
liberated:EJD: liberating:GJ: liberation:N:a libertarian:J: libertarians:S: libertie:N: liberties:S: libertine:N:p libertines:S: liberty:N:s libido:N:s
librarian-board:N: librarian:N:p librarians:S: libraries:S: library:N:x librettists:S: libretto:N:w lice:S: license:NV:w licensed:EDJ: licensee:N:p
licensees:S: licenses:SP: licensing:NGJ: licentiousness:N:u lichen:N:s licit:J: lick:V: licked:DE: licking:G: licks:P: lid:N:x lidless:J: lids:S:
lie:VN:w lied:D: lieder:JN: lien:N:m liens:S: lies:PS: lieu:NI:a lieutenant-governor:N: lieutenant:N:p lieutenants:S: life-and-death:J:
life-bettering:J: life-changing:J: life-contracts:J: life-cycle:J: life-death:J: life-enhancement:N: life-health:N: life-insurance:NJ: life-like:J:
life-long:J: life-of-contract:J: life-or-death:N: life-saving:J: life-size:J: life-style:NJ:u life-supporting:J: life-threatening:J: life-time:J:
life:NR:s lifeblood:N:x lifeboat:N:x lifeboats:S: lifeguard:N:p lifeguards:S: lifeless:J: lifelike:J: lifeline:N:u lifelong:J: lifer:N:p lifes:S:
lifesaving:G: lifesize:J: lifestyle:N:u lifestyles:S: lifetime:NJ:t lift-ticket:JN: lift:VN:a lifted:DE: lifter:N:p lifters:S: lifting:GJN: liftoff:N:a
liftoffs:S: lifts:PS: ligament:N:x ligand:N:x ligands:S: light-activated:J: light-blue:J: light-bulb:N: light-colored:J: light-crude:N: light-duty:J:
light-flared:J: light-headed:J: light-headedness:J: light-hearted:J: light-industrial:J: light-mindedness:J: light-rail:J: light-reflecting:J:
light-transmitting:J: light-truck:JN: light-water:J: light-wave:JN: light-weight:J: light-year:N:q light:NJRV:s lighted:EDJ: lighten:V: lightened:DE:
lightening:G: lightens:P: lighter-than-air:J: lighter-than-normal:J: lighter:JRN:x lighters:S: lightest:J: lightheaded:J: lighthearted:J:
lightheartedly:R: lighthouses:S: lighting:NG:s lightly:R: lightness:N:s lightning-fast:J: lightning-like:J: lightning-occurrence:J: lightning-quick:J:
lightning:N:s lights:SP: lightweight:JN:p lightyears:S: lignite:JN:x likable:J: like-minded:J: like:IJNV:k liked:DE: likee:V: likelier:J: likeliest:J:
likelihood:N:u likely:JR: liken:V: likened:DE: likeness:N:u likening:G: likens:P: likes:PSN: likewise:R: liking:NG:s lilac:J: lilacs:S: lilies:S:
lilt:N:u lilting:JG: lily:N:b lima:N:l limb:N:x limber:J: limbic:J: limbo:N:s limbs:S: lime:N:x limelight:N:s limestone:N:x limit:NV:u limitation:N:k
limitations:S: limited-edition:J: limited-growth:N: limited-partner:J: limited-partnership:NJ: limited-production:J: limited-scale:J:
limited-substitution:J: limited-time:J: limited:JDE: limiting:G: limitless:J: limits:SVP: limo:N:x limos:S: limousine:N:x limousines:S: limp-looking:J:
limp:JN:a limped:DE: limpid:J: limping:GJ: limply:R: limps:P: linage:N:q linchpin:N:k lincoln:N:p linden:N:b line-centered:N: line-density:N:
line-drawing:J: line-driven:N: line-drying:J: line-fragments:N: line-hand-wired:J: line-item-veto:J: line-item:J: line-pairs:N: line-up:N: line:NVR:g
lineage:N:g lineages:S: lineal:J: linear:J: linearly:R: lineback:N: linebacker:N:p linebackers:S: lined:EDJ: lineman:N:p linen-covered:J: linen:NJ:x
linens:S: liner:N:a liners:S: lines:SP: lineup:N:w lineups:S: linger:V: lingered:DE: lingerie:N:x lingering:GJ: lingers:P: lingo:N:w linguine:N:f
linguist-anthropologist:N: linguist:N:p linguistic:J: linguistically:R: linguistics:S:k linguists:S: liniment:N:x liniments:S: lining:GN:x link-ups:S:
link:NV:z linkage:N:z linkages:S: linked:EDJ: linking:GN: links:SPN:x linkup:N:x linkups:S: linoleum:N:x lint:N:x lion:N:n lioness:N:n lionesses:S:
lionized:E: lions:S: lip-sucking:N: lip:NJ:x lipid:N:x lipoproteins:S: liposomes:S: lips:S: lipstick:N:x lipsticks:S: liquefied:E: liquefies:P:
liquefy:V: liqueur:N:f liquid-chromatography:N: liquid-crystal:JN: liquid-drug:J: liquid-fuel:N: liquid-glass:N: liquid-nitrogen:N: liquid:JN:x
liquidate:V: liquidated:ED: liquidating:GJN: liquidation:N:a liquidations:S: liquidator:N:p liquidators:S: liquidities:S: liquidity-enhancing:J:
liquidity-short-selling:N: liquidity:N:s liquids:S: liquified:J: liquor-crazed:J: liquor:N:f lira:NS:q liras:S: lire:SN: lisbon:N:l lise:S: lisping:G:
list:NV:w listed:EDJ: listen:V: listened:DE: listener-supported:J: listener:N:p listeners:S: listening:GN:a listens:P: listing:NG:w listings:S:
listless:J: listlessly:R: lists:SP: lit:DEJN:k litany:N:w liter:N:q literacy:N:k literal-minded:J: literal:J: literalism:N:k literally:R:
literalness:N:u literary:JN: literate:J: literature:N:w literatures:S: liters:S: lithe:J: lithium:N:x lithograph:N:x lithographic:J: lithographs:S:
lithography:N:w lithotripsy:N: lithotripter:N: litigant:N:p litigants:S: litigate:V: litigated:E: litigation-support:J: litigation:N:a litigator:N:p
litigators:S: litigious:J: litle:JN: litmus:N:x litter-strewn:J: litter:NV:g litterbug:N:p littered:ED: littering:N: litters:S: little-feared:J:
little-girl:J: little-known:J: little-noted:J: little-noticed:J: little-publicized:J: little-town:J: little-understood:J: little:JR: littlest:J:
liturgical:J: liturgy:N:a livability:N: livable:J: live-hauled:D: live-haulers:S: live-in:J: live-oak:N: live:VRJ: lived:DEV: livelier:J: liveliest:J:
livelihood:N:m liveliness:N:a lively:JR: liver:N:x liveried:J: liverpool:N:l livers:S: livery:N:x lives:SP: livestock-dealing:J: livestock:N:n livid:J:
livin:N: living-benefits:J: living-room:N:x living:GJN:k livres:S: lizard:N:n lizards:S: lo:U: load-shedding:S:a load:NV:x loaded:EJD: loader:N:p
loaders:S: loadin:G: loading:NG:x loadings:S: loads:S:q loaf:N:f loafed:D: loafers:S: loan-by-phone:J: loan-defaulters:S: loan-forgiveness:N:
loan-guarantee:N: loan-loss:NJ: loan-management:N: loan-officer:N: loan-production:N: loan-repayment:N: loan-restructuring:J: loan-to-value:J:
loan:NV:m loaned:ED: loans:SP: loath:J: loathed:DE: loathes:P: loathing:NG:s loathsome:J: loaves:S: lob-scuse:N: lob:V: lobbied:DE: lobbies:S:
lobby:NV:x lobbying:GJN: lobbyist:N:p lobbyists:S: lobe:N:x lobes:S: loblolly:N:f lobo:N: lobscouse:N:f lobscuse:N:f lobster-backed:J: lobster:N:f
lobstermen:S: lobsters:S: lobular:J: lobularity:N:u lobule:N:x lobules:S: local-content:JN: local-control:J: local-exchange:J: local-government:J:
local-money:N: local-news:N: local-service:J: local:JN:x locale:N:l locales:S: localism:N:w localisms:S: localities:S: locality:N:l localization:N:a
localize:V: localized:JE: locally:R: locals:S: locate:V: located:EJD: locates:P: locatin:N: locating:G: location-minded:J: location:N:z locations:S:
loch:N:x lock-outs:S: lock:VJN:x locked:EJD: locker-room:N: locker:N:x lockers:S: lockhold:N: locking-in:N: locking:JG: lockout:N:a locks:SP:
lockstep:N:a lockup:N:x locomotive:N:x locomotives:S: locus:N:l locust:N:n locusts:S: locutions:S: lodge:NV:p lodged:ED: lodges:S: lodging:NG:x
lodgings:S:x lodgment:N:w loft:N:x lofts:S: lofty:J: log-house:N: log-jam:N: log-rolled:D: log:NV:x logarithm:N:w logarithms:S: logged:ED: logger:N:p
loggerheads:S: loggers:S: logging:NGJ:a logic-rhetoric:N: logic:N:k logical:J: logically:R: logistic:J: logistical:J: logistics-computer:N:
logistics:S:a logjam:N:s logo:N:w logos:SN:p logs:SP: loin:N:f loincloth:N:x loins:S:x loitering:NG: lolling:G: lollipop:N:f london:N:l londoner:N:p
lone:J: lonelier:R: loneliest:J: loneliness:N:s lonely-hearts:S: lonely:J: loner:N:p loners:S: lonesome:J: long-acting:J: long-arranged:J:
long-awaited:J: long-banned:J: long-bodied:J: long-bubbling:J: long-canceled:J: long-chain:N: long-cherished:J: long-considered:J: long-cruise:J:
long-dated:J: long-deferred:J: long-delayed:J: long-depressed:J: long-deprived:J: long-distance:JN: long-dollar:J: long-dominant:J: long-dormant:J:
long-endurance:J: long-established:J: long-familiar:J: long-far:N: long-format:J: long-hair:J: long-handled:J: long-haul:JN: long-held:J:
long-hoped-for:J: long-keeping:J: long-known:J: long-lasting:J: long-life:J: long-line:J: long-lived:J: long-neck:J: long-necked:J: long-opposed:J:
long-overdue:J: long-planned:J: long-range:J: long-rumored:J: long-run:J: long-running:J: long-settled:J: long-shanked:J: long-shelf-life:J:
long-simmering:J: long-sleeved:J: long-sought:J: long-standing:J: long-stemmed:J: long-studied:J: long-successful:J: long-suffering:J:
long-suspected:J: long-tenured:J: long-term-oriented:J: long-term:JNRS: long-termers:S: long-time:J: long-troubled:J: long-vanished:J: long-view:J:
long-yardage:J: long:JVR: longed-for:J: longed:DE: longer-established:J: longer-lived:J: longer-range:J: longer-run:J: longer-term:J: longer:RJ:
longerterm:J: longest-standing:J: longest:J: longevity:N:u longhaired:J: longhand:JN:w longhaul:N: longhorn:N:n longhorns:S: longing:NG:s longings:S:
longish:J: longitude:N:l longitudes:S: longitudinal:J: longneck:J: longrange:J: longrun:J: longs:P: longshoreman:N:p longshoremen:S: longshot:N:x
longstanding:J: longstrained:E: longsuffering:J: longterm:JN: longtime:JN: longue:N: look-alike:JN:p look-see:N: look:VN:u lookalike:J: looked:DE:
lookee-loos:S: looking:GJN:a lookit:N: lookout:N:p looks:PSN: lookup:N:s loom:VN:x loomed:DE: looming:GN: looms:PS: loon:N:p loonies:S: loony:J:
loop:N:x loopaholics:S: looped:D: loophole:N:w loopholes:S: loops:SP: loopy:J: loose-jointed:J: loose-jowled:J: loose-knit:J: loose-leaf:J:
loose-loaded:J: loose:JRV: looseleaf:N: loosely-taped:J: loosely:R: loosen:V: loosened:ED: looseness:N:s loosening:GN:a loosens:P: looser:J: loosest:J:
loot:NV:m looted:ED: looting:NG:a lootings:S: lop:J: lope:N:a loped:D: lopes:P: loping:G: lopped:DE: lopping:N: lopsided:J: lopsidedly:R: loquacious:J:
loquacity:N:u lorazapam:N: lord:N:p lorded:D: lordly:J: lords:S: lordship:N:w lore:N:k lorelei:N:p lorries:S: lose:V: loser:NJ:p losers:S: loses:PS:
losing:GJN: loss-expense:J: loss-making:J: loss-plagued:J: loss-recovery:J: loss:N:m losses:S:m lost-profits:J: lost:DEJ: lot:NRJ:q lotion:N:x
lotions:S: lots:S:q lotter:N: lotteries:S: lottery:N:a lotus:N:b loud-voiced:J: loud:JR: louder:JR: loudest:JR: loudly:R: loudspeaker:N:x
loudspeakers:S: louis:S:p louisiana:N:l louisianan:N:p lounge:NV:x lounged:D: lounges:SP: lounging:GN: louse:VN:n loused:D: lousiness:N:s lousy:J:
loutish:J: love-hate:J: love-in-action:N: love-making:N: love:NV:s lovebirds:S: loved:DEJ: lovelier-than-life:J: lovelies:S: loveliest:J:
loveliness:N:u lovelorn:J: lovely:J: lover:N:p lovering:G: lovers:S: loves:PS: lovin:J: loving:JG: lovingly:R: low-ability:J: low-acid:J:
low-altitude:N: low-back-pain:J: low-back:J: low-ball:J: low-base-price:J: low-boiling:J: low-budget:J: low-cal:J: low-caliber:N: low-calorie:J:
low-ceilinged:J: low-cholesterol:J: low-class:J: low-concept:J: low-cost:JN: low-crime:J: low-density:JN: low-down:NJ:w low-duty:J: low-end:JN:
low-fat:J: low-foam:N: low-frequency:J: low-grade:J: low-grossing:J: low-growth:J: low-heeled:J: low-income:JN: low-interest:J: low-key:J: low-level:J:
low-life:J: low-lifes:S: low-load:J: low-loss:JN: low-lying:J: low-maintenance:J: low-margin:J: low-moisture:J: low-paid:J: low-pass:J: low-paying:J:
low-pitched:J: low-polluting:J: low-power:J: low-price:J: low-priced:J: low-profile:J: low-profit:JN: low-profitmargin:N: low-quality:J: low-rate:J:
low-rated:J: low-risk:J: low-slung:J: low-smoke:J: low-speed:J: low-stress:J: low-sudsing:J: low-sugar:J: low-sulfur:J: low-sulphur:J: low-tax:N:
low-temperature:JN: low-tension:J: low-to-no-fat:J: low-value:J: low-voltage:J: low-volume:J: low-wage:J: low-water:NJ: low-yielding:J: low:JNR:s
lowball:N: lowdown:J: lower-class:J: lower-cost:J: lower-court:JN: lower-cut:J: lower-emission:N: lower-growth:J: lower-house:N: lower-income:J:
lower-level:JN: lower-middle-class:J: lower-middle:J: lower-paid:J: lower-priced:J: lower-priority:J: lower-quality:NJ: lower-rated:J: lower-status:JN:
lower-tech:J: lower-than-anticipated:J: lower-than-expected:J: lower-than-forecast:J: lower-than-planned:J: lower-value:J: lower-volume:J:
lower-wage:J: lower:JRV: lowered:DEJ: lowering:GN:a lowers:PS: lowest-cost:J: lowest-paying:J: lowest-priced:J: lowest-rated:J: lowest:J: lowincome:J:
lowland:N:x lowlands:S:l lowliest:J: lowly:JR: lowprofile:J: lows:S: loyal:J: loyalist:NJ:p loyalists:S: loyalties:S: loyalty:N:u lp:N:x lube:N:x
lubra:N: lubricant:NJ:x lubricants:S: lubricated:E: lubricating-oil:N: lucid:J: lucidity:N:u lucidly:R: lucifer:N:p luck:N:s lucked:D: luckier:J:
luckiest:J: luckily:R: lucks:S: lucky:J: lucrative:J: lucy:N:n ludicrous:J: ludicrously:R: ludicrousness:N: lug:VN:p luger:N:x luggage:N:x lugged:DE:
lugging:G: lugs:S: lukewarm:J: lull:NV:t lullaby:N:w lulled:E: lulls:SP: lulu:N:p lumbar:J: lumber-like:J: lumber:NV:x lumbered:D: lumbering:JN:a
lumberjack:N:p lumberyard:N:x lumen:N:q luminaries:S: luminary:N:p luminescence:N:s luminescent:J: luminosity:N:u luminous:J: luminously:R: lummox:N:p
lump-sum:JN: lump:NV:g lumped:ED: lumpen-intellectual:J: lumpier:J: lumping:G: lumpish:J: lumps:SP: lumpy:J: lunar:J: lunatic-fringe:J: lunatic:J:
lunatics:S: lunation:N:t lunch-box:N: lunch-hour:N: lunch-time:N: lunch:NV:f lunched:E: luncheon-meat:N: luncheon-table:J: luncheon-voucher:N:
luncheon:N:f luncheons:S: lunches:S: lunchroom:N:x lunchtime:N:t lung-cancer:N: lung-function:J: lung-tissue:J: lung:N:x lunge:V: lunged:D: lunger:N:p
lunges:P: lunging:G: lungs:S: lunkhead:N:p lurch:NV:a lurched:D: lurching:G: lure:VN:u lured:ED: lures:PS: lurid:J: luring:G: lurk:V: lurked:D:
lurking:G: lurks:P: luscious:J: lush:J: lushes:S: lust:N:s luster:N:u lustful:J: lustily:R: lustre:N:u lustrious:J: lustrous:J: lusts:S: lusty:J:
lute:N:x luxuriance:N:u luxuries:S: luxuriosly-upholstered:J: luxurious:J: luxury-car:NJ: luxury-goods:S: luxury-suite:N: luxury:NJ:u lye:N:x lyin:N:
lying:GN:a lyking:G: lymph:N:x lymphocyte:N:x lymphocytes:S: lymphocytic:J: lymphoma:N:s lynch-mob:J: lynch:V: lynched:E: lyophilized:E: lyric:JN:w
lyrical:J: lyricism:N:u lyricist:N:p lyricists:S: lyrics:S: lyriist:N: m:N:q ma'am:N:p ma:N:p macabre:J: macaque:J: macaroni-and-cheese:N:
macaroni:SN:p macaw:N:n machete:N:x machetes:S: machinations:S: machine-family:N: machine-gun-toting:J: machine-gun:N: machine-masters:S:
machine-vision:N: machine:N:x machinegun:N: machinelike:J: machinery-trading:J: machinery:N:x machines:S: machining:N: machinist:N:p machinists:S:
macho:JN:p machos:S: mackerel:N:f mackinaw:N:x mackintosh:N:x macro-instructions:S: macrocrystalline:N: macrocrystals:S: macroeconomic:J:
macromolecular:J: macromolecules:S: macropathological:J: macrophage:N:x macroscopically:R: mad:J: madam:N:p madcap:J: maddening:JG: maddeningly:R:
made-for-television:J: made-up:J: made:EDJ: madhouse:N:x madly:R: madman:N:p madmen:S: madness:N:s madrigal:N:w madrigaling:N: madrigals:S:
madstones:S: maelstrom:N:a maestro:N:p mafia:N:g mafias:S: mafiosi:S: magazine:N:w magazines:S: magenta:JN:u maget:N: maggot-covered:J: maggot:N:n
maggots:S: maggoty:J: magic-practicing:J: magic:NJ:k magical:J: magically:R: magician:N:p magicians:S: magisterially:R: magistrate:N:p magistrates:S:
magnanimity:N:u magnanimous:J: magnate:N:p magnates:S: magnesium:N:x magnet:N:x magnetic-tape-coating:J: magnetic-tape:JN: magnetic:J: magnetically:R:
magnetics:S:k magnetism:N:s magnetisms:S: magnetized:E: magnets:S: magnification:N:a magnificence:N:u magnificent:J: magnificently:R: magnified:ED:
magnifies:P: magnify:V: magnifying:GN: magnitude:N:u magnitudes:S: magnolia:NS:b magnum:N:x magpie:N:n magpies:S: mah-jongg:N:a mah:O: maharajahs:S:
mahogany:N:b maht:M: mahua:N: mai:M: maid:N:p maiden:NJ:p maidens:S: maids:S: maiestie:N: mail-fraud:N: mail-order:JN: mail-processing:J: mail-room:N:
mail-sorting:G: mail:NV:w mailboat:N:x mailbox:N:x mailboxes:S: mailed:EDJ: mailers:S: mailgram:N: mailgrams:S: mailing:NG:g mailings:S: mailman:N:p
mailmen:S: mailroom:NJ: mailrooms:S: mails:S: maimed:J: main:JN:x maine:N:l mainframe-class:JN: mainframe-manufacturing:N: mainframe:NJ:x mainframes:S:
mainland:NJ:x mainlander:N: mainline:JN: mainly:R: mains:S: mainstay:NJ:p mainstays:S: mainstream:NJR:k maintain:V: maintained:ED: maintainence:N:
maintaining:G: maintains:P: maintenance:N:a majesterial:J: majestic:J: majestically:R: majesty:N:u majeure:N: major-frauds:J: major-general:N:p
major-league:J: major-market:J: major-medical:J: major-party:J: major:JNV:p majored:E: majoring:G: majoritarian:J: majorities:S: majority-held:J:
majority-owned:J: majority-party:J: majority:NJ:u majors:S:g majuh:N: make-believe:N:k make-overs:S: make-ready:N: make-up:N:a make-work:JN:a make:VN:k
makeover:N:a maker:N:p makeready:N:a makers:S: makersa:S: makes:PSN: makeshift:JN:a makeshifts:S: makeup:N:x making:GN:a makings:S: maladaptive:J:
maladies:S: maladjusted:J: maladjustment:N:s maladjustments:S: maladroit:J: malady:N:s malaise:N:s malapropism:N:w malapropisms:S: malaria:N:s
malcontent:N:p male-dominated:J: male-fertile:J: male-headed:J: male-only:J: male-sterile:J: male:JN:n malediction:N:w malefactors:S: maleness:N:u
males:S: malevolence:N:s malevolencies:S: malevolency:N:u malevolent:J: malfeasant:J: malformations:S: malformed:J: malfunction:N:a malfunctioning:N:
malfunctions:S: malice:N:s malicious:J: maliciously:R: malign:J: malignancies:S: malignancy:N:s malignant:J: maligned:E: malingering:G: mall:N:x
malleable:J: malls:S: malnourished:J: malnourishment:N:s malnutrition:N:s malocclusion:N:s malposed:J: malpractice:NV:a malpractices:S: malt:N:f
malted:E: maltreat:V: maltreated:E: maltreatment:N:a malunya:N: mama:N:p mamalian:J: mamma:N:p mammal:N:n mammalian:J: mammals:S: mammary:J: mammas:N:
mammography:N:a mammoth:J: mammoths:S: man-bites-dog:J: man-hours:SN: man-in-the-moon:J: man-made:J: man-of-war:N:x man-to-man:R: man:NJVU:p mana:N:
manacles:S: managament:N: manage:V: manageability:N:u manageable:J: managed-care:J: managed:DEJ: management-by-objective:N: management-consultant:N:
management-consulting:J: management-controlled:J: management-employee:N: management-incentive:J: management-information:JN: management-labor:J:
management-led:JN: management-pilot:JN: management-pilots:J: management-research:N: management-services:SJ: management-trained:J: management-union:JN:
management:N:a managements:S: manager:N:p managerial:J: managers:S: manages:P: managing:GJN: managment:N: manchester:N:l mandamus:N:w mandate:NV:w
mandated:ED: mandates:SP: mandating:G: mandatory-retirement:J: mandatory:JN:p mandrel:N:x mane:N:n manes:S:p maneuver:NV:a maneuverability:N:u
maneuvered:DE: maneuvering:NGJ: maneuverings:S: maneuvers:SP: manfulness:N:u manganese:N:x manger:N:x mangled:JE: manhandled:E: manhattan:N:l
manhole:N:x manholes:S: manhood:N:s manhours:S: manhunts:S: mania:N:k maniac:N:p maniacal:J: maniacs:S: manias:S: manic-depressive:N:p manic:J:
maniclike:J: manicured:E: manicures:P: manifest:JV: manifestation:N:a manifestations:S: manifested:DE: manifesting:G: manifestly:R: manifesto:N:w
manifestos:S: manifold:NJ:x manikin:N:p manikins:S: manila:J: maninstays:S: manipulate:V: manipulated:ED: manipulates:P: manipulating:G:
manipulation:N:a manipulations:S: manipulative:J: manipulator:N:p manipulators:S: mankind:N:n manliness:N:u manly:J: manmade-fiber:J: manmade:N:
manna:N:b manned:JDE: mannequin:N:p mannequins:S: manner:N:u mannered:J: mannerism:N:u mannerisms:S: manners:S:u manning:G: mano:N: manometer:N:x
manor:N:x manors:S: manpower:N:g mans:P: manse:N:x manservant:N:p mansion:N:l mansions:S: manslaughter:N:a mantel:N:x mantic:J: mantle:N:w
mantlepiece:N:x mantrap:N:p manual:JN:w manually:R: manuals:S: manuevering:NG: manufacture:VN:a manufactured:EDJ: manufacturer:N:g manufacturers:S:
manufactures:PS: manufacturing-automation:N: manufacturing-cost:N: manufacturing-sector:N: manufacturing:NG:a manumission:N:a manumitted:E:
manure-scented:J: manure:N:x manuscript:N:w manuscripts:S: many-bodied:J: many-faced:J: many-fold:R: many-much:N: many-sided:J: many-times:R:
many:JTNRVS: manye:J: manzanita:N:b map:NV:x maple:NJ:b maples:S: mapped:ED: mapping:NG:z maps:S: maquette:N: maquila:N: maquiladora:N:x
maquiladoras:S: maquilas:S: mar:V: maraschino:N:f marathon:NJ:a marathons:S: marauders:S: marauding:G: marble-columned:J: marble-encased:J: marble:N:x
marbleized:E: marbleizing:N:u marbles:S:a march:NV:t marched:DE: marchers:S: marches:SP:l marchin:N: marching:GN:a mare:N:n mares:S: margarine:N:f
margin-calls:S: margin:NJ:u marginal-rate:N: marginal:J: marginalia:S:w marginality:N:u marginalizing:G: marginally:R: margined:E: margining:G:
margins:S: maria:S:x marijuana-smuggling:J: marijuana:N:b marimba:N:x marina:N:x marinade:N:f marinas:S: marinated:E: marinating:G: marine-products:S:
marine-related:J: marine-research:N: marine-shipping:J: marine-transport:N: marine:NJ:p mariner:N:p marines:S:g marionettes:S: marital:J: maritime:J:
marjoram:N:b mark-denominated:J: mark-up:N: mark-ups:S: mark-yen:J: mark:NV:k markdown:NJ: markdowns:S: marked:EJDV: markedly:R: marker:N:x markers:S:
market-affecting:J: market-allocation:J: market-based:J: market-basket:J: market-by-market:J: market-corporate:J: market-driven:J: market-hog:J:
market-if-touched:N: market-inspired:J: market-jarring:J: market-maker:N: market-makers:S: market-making:NJ: market-monitoring:J: market-moving:J:
market-on-close:J: market-opening:J: market-oriented:J: market-place:N: market-ready:J: market-reform:J: market-related:J: market-research:NJ:
market-revision:N: market-sensitive:J: market-share:JN: market-sharing:J: market-specific:J: market-stabilizing:J: market-style:J: market-system:N:
market-timing:J: market-watchers:S: market-weighted:J: market:NV:a marketability:N: marketable:J: marketed:ED: marketeers:S: marketer:N:p marketers:S:
marketin:N: marketing-communications:S: marketing-data:S: marketing-wise:J: marketing:NGJ:a marketings:S: marketization:N: marketmaking:N:
marketplace:N:a marketplaces:S: markets:SP: marketshare:N: marketwide:J: marketwise:R: marking:GN:w markings:S: markka:SN:q markkaa:N: marks:SP:p
marksman:N:p marksmanship:N:k markup:N:m markups:S: marmalade:N:f maroon:J: marooned:D: marque:N:w marquee:N:x marquees:S: marques:S: marred:EJD:
marriage:N:s marriageables:S: marriages:S: married-couple:JN: married-put:J: married:EDJ: marrieds:S: marries:P: marring:G: marrow:N:x marrowbone:N:f
marrowbones:S: marry:V: marrying:G: mars:P: marsh:N:x marshal:NV:p marshaling:G: marshalled:D: marshalling:N: marshals:S:g marshes:S: marshlands:S:
marshmallow:N:f marshmallows:S: mart:N:x martial:J: martian:N:p martingale:N:x martini:N:f martinis:S: marts:S: martyr:N:p martyrdom:N:a marvel:VN:a
marveled:DE: marveling:G: marvelled:D: marvelous:J: marvelously:R: marvels:SP: mary:N:p maryed:E: maryland:N:l mascara:N:x mascot:N:p masculine:JN:w
masculinity:N:u masers:S: mash:NV:x mashed:E: mashing:G: mask:NV:x masked:EDJ: maskers:S: masking:GN:a masks:S: mason:N:p masonry:N:x masons:S:
masquerade:NV:g masquerades:P: masquerading:G: masquers:S: mass-audience:J: mass-building:J: mass-circulation:J: mass-distribution:JN: mass-faxing:J:
mass-market:JN: mass-marketers:S: mass-media:NS: mass-merchandise:N: mass-murderer:N: mass-produce:V: mass-produced:J: mass-producing:G:
mass-production:N: mass-reproduced:J: mass-transit:N: mass:NJRV:u massachuset:N:w massachusetts:N:l massacre:NV:a massacred:DE: massacres:S:
massage:NV:a massaged:E: massages:S: massaging:G: masse:NR:a massed:DE: masses:S:g masseur:N:p masseurs:S: masseuse:N:p masseuses:S: massifs:S:
massing:G: massive:J: massively:R: massuh:N: mast:N:x master-race:N: master:NJV:p mastered:ED: masterful:J: masterfully:R: mastering:G: masterly:J:
mastermind:NV:p masterminding:GN: masterpiece:N:x masterpieces:S: masters:S:p masterworks:S: mastery:N:k mastiff:N:n mastodons:S: mastoideus:N:
masts:S: mat:N:x matador:N:p match-width:N: match:VN:x matched:EJD: matches:PS: matching-fund:J: matching:GJN: matchless:J: matchmaker:N:p
matchmakers:S: matchmaking:N:a mate:NVU:p mated:E: mateless:J: mater:N:p materals:S: material-formal:J: material-management:N: material:NJ:x
materialism:N:s materialistic:J: materialize:V: materialized:DE: materializes:P: materially:R: materials-handling:J: materials-related:J: materials:S:
materiel:N:x maternal:J: maternity:N:s mates:S:g math:N:k mathematical:J: mathematically:R: mathematician:N:p mathematicians:S: mathematics:SN:k
matinee:J: matinees:S: mating:NJG:a matriarch:N:p matriarchal:J: matricide:N:p matriculate:V: matriculated:ED: matrimonial:J: matrimony:N:s matrix:N:g
matron:N:p matronly:J: mats:S: matsyendra:N:u matt:N:u matte:N:x matter-of-factly:R: matter-of-factness:N: matter:NV:k mattered:DE: matters:SP:
matting:N:x mattress:N:x mattresses:S: maturation:N:s maturational:J: mature:JV: matured:DE: matures:P: maturing:G: maturities:S: maturity:N:t
maudlin:J: maul:V: mauler:N:p mauling:G: mausoleum:N:x mauve:J: maven:N:p mavens:S: maverick:NJ:p mavericks:S: maw:N:x mawkish:J: max:N:x maxim:N:w
maximal:J: maximization:N:a maximize:V: maximized:E: maximizes:P: maximizing:G: maxims:S: maximum-security:J: maximum:JN:q maximums:S: may:M: maybe:R:
maye:M: mayflower:N:x mayhem:N:a mayonnaise:N:f mayor:N:p mayoral:J: mayoralty:N:a mayors:S: mayorship:N: mayst:M: maze:N:x mazes:S: mazurka:N:w mc:N:t
me:O: meadow:N:l meadows:S: meager:J: meal-to-meal:J: meal:N:f mealie-meal:N: meals:S: mealtime:N:t mealy:J: mealynose:N: mealynosed:J:
mean-spirited:J: mean-square:J: mean:VJN:k meandered:D: meandering:G: meanders:P: meaner:J: meanes:S: meanest:J: meanin:GN: meaning:NG:w meaningful:J:
meaningfully:R: meaningfulness:N:u meaningless:J: meaninglessness:N:w meanings:S: meanly:R: meanness:N:u means:PSN:a meant:DE: meantime:NR:t
meanwhile:RN:t measles:N:s measly:J: measurable:J: measurably:R: measure:NV:a measured:EDJ: measurement:N:a measurements:S: measures:SP: measuring:GN:a
meat-hungry:J: meat-packing:JN: meat-processing:J: meat-wagon:N: meat:N:f meatpacker:N: meatpacking:N:a meats:S: meaty:J: mecca:N:l mechanic:N:p
mechanical:J: mechanically:R: mechanics:S:k mechanism:N:s mechanisms:S: mechanist:N:p mechanistic:J: mechanization:N:s mechanized:JE:
mechanochemically:R: meclofenamate:N:x medal:N:w medalist:N:p medallions:S: medals:S: meddle:V: meddling:GN:a media-buying:JN: media-conscious:J:
media-linked:J: media-related:J: media-spending:J: media-stock:J: media:SN: mediaevalist:N: median-family:N: median-nerve:J: median:JN:k mediate:V:
mediated:E: mediating:G: mediation:N:w mediator:N:p mediators:S: medical-airlift:N: medical-assistance:N: medical-benefits:S: medical-care:N:
medical-instrument:J: medical-leave:J: medical-practice:N: medical-products:S: medical-school:N: medical-support:J: medical-test:J: medical:J:
medically:R: medicare:N:a medication-dispensing:J: medication:N:x medications:S: medicinal:JN: medicine:N:k medicines:S: medico-military:NJ: medico:N:p
medics:S: medieval:JN: mediocre:J: mediocrities:S: mediocrity:N:u meditate:V: meditated:D: meditating:G: meditation:N:k meditations:S: meditative:J:
mediterranean:N:x medium-distance:J: medium-duty:J: medium-grade:J: medium-haul:J: medium-size:J: medium-sized:J: medium-term:J:
medium-to-long-range:J: medium:NJ:w mediumistic:J: mediums:S: mediumship:N: medley:N:w mee:O: meek-mannered:J: meek:J: meekest:J: meekly:R: meet:VN:a
meetin:N: meeting:NG:g meetings:S: meets:PS: mega-crash:N: mega-crashes:S: mega-deal:N: mega-deals:S: mega-hit:JN: mega-issues:S: mega-lawyer:N:
mega-mergers:S: mega-problems:S: mega-projects:S: mega-resort:N: mega-resorts:S: mega-stadium:N: mega-stardom:N: mega-welfare:J: mega:J: megabillion:N:
megabit:N:q megabyte:N:q megabytes:S: megadrop:N: megahertz:N:t megakaryocytic:J: megalomania:N:s megalomaniac:N:p megalopolis:N:l megalopolises:S:
megaquestions:S: megaton:N:q megatons:S: megawatt:N:q megawatts:S: mekong:N:x melamine:N:x melancholy:NJ:s melange:N:g melanin:N:x meld:V: melding:GN:
melds:P: melee:N:a melioration:N:a mellifluous:J: mellow:J: mellowed:E: melodic:J: melodically:R: melodies:S: melodious:J: melodrama:N:w
melodramatic:J: melody:N:w melon-like:J: melon:N:f melt-textured:J: melt:VN:s meltdown:NJ:s melted:EJD: melting:GJN:s melts:P: member:N:p members:S:
membership:N:g memberships:S: membrane:N:x memento:N:k mementos:S: memo:N:w memoir:N:w memoirs:S: memorabilia:S:w memorable:J: memoranda:S:w
memorandum:N:w memorandums:S: memorial:NJ:w memorialist:N: memorialization:N:a memorialized:E: memorials:S: memories:S: memorization:N:k memorize:V:
memorized:ED: memorizing:NG: memory-chip:N: memory-expansion:J: memory-images:S: memory-picture:N: memory-pictures:S: memory:N:k memos:S: memphis:N:l
men-folk:S: men-of-war:S: men:S:g menace:N:s menaced:E: menacing:JG: menarche:N:a menarches:S: mend:V: mendacious:J: mendacity:N:u mended:E:
mendicant:J: mending:GN:x menial:J: meningioma:N:s menopause:N:t menstrual:J: menstruation:J: menswear:N: mental-health:JN: mental-illness:N: mental:J:
mentalities:S: mentality:N:k mentally:RNJ: mention:VN:w mentioned:ED: mentioning:GN: mentions:PS: mentor:N:p mentors:S: menu:N:w menus:S: meq:N:u
mercenaries:S: mercenary:J: mercer:N:p merchandise-trade:J: merchandise:N:x merchandised:E: merchandisers:S: merchandising:NG:a merchant-banking:JN:
merchant:NJ:p merchantbanking:N: merchants:S: merciful:J: mercifully:R: merciless:J: mercilessly:R: mercurial:J: mercury:N:x mercy:N:a mere:J:
merely:R: merest:J: meretricious:J: merge:VN: merged:EJD: merger-acquisition:J: merger-law:N: merger-related:J: merger:N:a mergers-advisory:J:
mergers-and-acquisitions:SJ: mergers:S: merges:PS: merging:GN:a meridian:N:s meringues:S: merit:NV:u merited:D: meritless:J: meritocracy:N:g
meritorious:J: merits:SP: mermaid:N:p merriest:J: merrily:R: merriment:N:s merry-go-round:N:a merry:J: merrymaking:N:a mesenteric:J: mesh:NV:q
meshed:E: mesmerized:E: mesothelioma:N:s mess:NV:s message:N:w messages:S: messaging:NG:w messed:DE: messenger:N:p messengers:S: messes:S: messhall:N:
messiah:N:p messianic:J: messing:G: messy:J: met:DE: metabolic:J: metabolism:N:s metabolite:N:x metabolites:S: metabolize:V: metabolized:E:
metal-benders:S: metal-cleaning:J: metal-coil:J: metal-cutting:J: metal-forming:J: metal-hydrido:N: metal-processing:J: metal-products:S:
metal-tasting:J: metal-workers:S: metal-working:J: metal:N:x metalized:E: metallic:J: metallurgical:J: metallurgy:N:k metals-stock:N: metals:S:
metalsmiths:S: metalworkers:S: metalworking:N:a metamidophos:S: metamorphic:J: metamorphosed:E: metamorphosis:N:s metaphor:N:w metaphorical:J:
metaphors:S: metaphosphate:N: metaphysic:N: metaphysical:J: metaphysicals:S: metaphysics:SN:k meted:ED: meteor:N:x meteoric:J: meteorite:N:x
meteorites:S: meteoritic:J: meteorological:J: meteorologist:N:p meteorology:N:w meteors:S: meter:N:q metered:E: metering:G: meterological:J: meters:SN:
methacrylate:N: methadone:N:x methane:N:x methanol-gasoline:J: methanol-powered:J: methanol:N:x method:N:k methodical:J: methodically:R:
methodological:J: methodologies:S: methodology:N:k methods:S: methodsm:N: methyl:N:x methylene:N:x methylglyoxal:N: meticulous:J: meticulously:R:
metier:N:u meting:G: metis:S:p metrazol:N:x metre:N:q metric-ton-per-year:J: metric:JN:z metrical:J: metrics:S:k metro:N:x metronome:N:x metropolis:N:l
metropolitan:JN:p metropolitanization:N: metropolitian:J: mettle:N:u mettlesome:J: mettwurst:N: mew:V: mewed:D: mews:N:x mexican:N:p mexico:N:l
mezzo:NJ:p mg:NJ:q miasma:N:s miasmal:J: mica:N:x mice:S: micelle:N:x micelles:S: michigan:N:l micoprocessors:S: micro-electronic:J: micro-liquidity:N:
micro-microcurie:N: micro-organisms:S: micro:J: microanalysis:N: microbe:N:n microbes:S: microbial:J: microbiological:J: microbiologist:N:p
microbiology:N:k microcassette:N: microchannel:J: microchemistry:N: microchip:NJ:x microchips:S: microcircuits:S: microcomputer-systems:J:
microcomputer:NJ:x microcomputers:S: microcosm:N:k microcytochemistry:N: microeconomic:J: microeconomics:S:k microeconomy:N: microelectronic:J:
microelectronics:SN:k microfilm:N:x microfossils:S: micrograms:S: micrographics:S: microinjection:N: micromanage:N: micromanagement:N:
micrometeorite:N:x micrometeorites:S: micrometeoritic:J: micrometer:N:q micrometers:S: micron:N:q microns:S: microorganism:N:n microorganisms:S:
microphone:N:x microphones:S: microphoning:G: microprocessor-based:J: microprocessor:N:x microprocessors:S: microscope:N:x microscopes:S:
microscopic:J: microscopical:J: microscopy:N:a microsecond:N:t microseconds:S: microsomal:J: microsurgery:N:a microtonal:J: microvan:N: microwavable:J:
microwave:N:s microwaved:E: microwaves:S: microwaving:G: mid-afternoon:JNR: mid-air:N: mid-century:J: mid-continent:J: mid-conversation:N:
mid-engine:J: mid-fifties:S:t mid-flight:R: mid-june:N:t mid-market:J: mid-morning:N: mid-priced:J: mid-range:J: mid-season:N: mid-section:N:
mid-shimmy:N: mid-size:J: mid-sized:J: mid-term:J: mid-thirties:S:t mid-to-high:J: mid-to-late:J: mid-twentieth-century:J: mid-twentieth:J:
mid-watch:J: mid-week:JN: mid:J: midafternoon:N:t midair:N:l midcapitalization:N: midcontinent:J: midday:NR:t middle-age:JN: middle-aged:J:
middle-brow:J: middle-class:JN: middle-ground:J: middle-income:JN: middle-level:J: middle-management:J: middle-market:J: middle-of-the-road:J:
middle-of-the-roaders:S: middle-priced:J: middle-range:J: middle-school:JN: middle-sized:J: middle:NJ:l middlebrow:J: middleman:N:p middlemen:S:
middles:S: middling:J: midfield:N:l midlands:S: midlevel:J: midmonth:R: midmorning:N: midnight:NR:t midocean:J: midpoint:N:l midpriced:J: midrange:JN:
midseason:N: midsection:N:x midsession:N: midshipman:N:p midshipmen:S: midsize:J: midsized-car:JN: midsized:JE: midst:N:l midstream:N:x midsts:S:
midsummer:N:t midterm:J: midtown:JN: midwatch:N:t midway:RJN:l midweek:JN:t midwest:J: midwestern:J: midwife:N:p midwinter:N:t midyear:NJ: mien:N:u
miffed:EDJ: might:MN:u mightiest:J: mightily:R: mighty:JR: mignon:N: migraine:N:s migrant:JN:p migrants:S: migrate:V: migrated:ED: migrates:P:
migrating:G: migration:N:a migrations:S: migratory:J: mike:N:x mild-mannered:J: mild-voiced:J: mild-winter:J: mild:J: milder:J: mildew:N:s mildewy:J:
mildly:R: mildness:N:s mile-long:J: mile:N:q mileage-based:J: mileage:N:u miles-per-hour:J: miles:S: milestone:N:w milestones:S: miliaris:N: milieu:N:s
milion:N: militancy:N:u militant:J: militantly:R: militarily:R: militarism:N:k militarist:N:p military-electronics:S: military-medical:J:
military-service:J: military-spending:N: military-style:J: military:JN:g militate:V: militated:E: militia:N:g militiamen:S: militias:S:
milk-chocolate:J: milk-supply:N: milk:NV:f milked:DE: milking:G: milks:PS: milkshakes:S: milky:J: mill-pond:N: mill-wheel:N: mill:N:x millages:S:
milled:J: millenarianism:N:k millenarians:S: millenium:N: millennia:NS: millennium:N:t millenniums:S: milliampere:N:q milliamperes:S: millidegree:N:q
millidegrees:S: milligram:N:q milligrams:S: milliliter:N:q millilon:N: millimeter:N:q millimeters:S: millinery:N:x milling:NG:x million-a-year:J:
million-and-counting:J: million-asset:J: million-common:N: million-dollar-a-year:J: million-dollar-plus:J: million-dollar:J: million-franc:J:
million-gallon:J: million-mark:J: million-member:J: million-plus:JSN: million-share:JN: million-square-foot:J: million-ton:J: million-unit:J:
million:N:q millionaire:N:p millionaires:S: millionth:J: millionths-of-a-second:J: millisecond:N:t millivoltmeter:N:x milllion:N: millon:N:
millpond:N:x mills:S:p millstones:S: millwheel:N:x milord:N:p milquetoast:N:p milwaukee:N:l mimesis:N:k mimetic:J: mimetically:R: mimic:V: mimicked:E:
mimicking:G: mimicry:N:a mimics:SP: mimimum:N: min:N:t minaces:S: minarets:S: minber:N: mince:V: minced:E: mincemeat:N:f mincing:G: mind-altering:J:
mind-boggling:J: mind-numbing:J: mind-set:N:k mind:NRV:k minded:DE: mindful:J: mindless:J: minds:S: mindset:N:k mine-hunting:J: mine-safety:J:
mine:NOJV:x mined:ED: minefield:N:l minefields:S: minehunter:N: miner:N:p mineral-rich:J: mineral:NJ:x mineralized:J: mineralogical:J: mineralogy:N:k
minerals:S: miners:S: mines:S: mineworkers:S: mingle:V: mingled:DEJ: mingles:P: mingling:G: mini-cars:S: mini-component:J: mini-doll:N: mini-empire:N:
mini-fiestas:S: mini-flap:N: mini-mafia:N: mini-mill:N: mini-post:J: mini-revolution:N: mini-saga:N: mini-series:NS: mini-slip:N: mini-studio:N:
mini-supercomputers:S: mini-vans:S: miniature:JN:x miniatures:S: miniaturized:E: minibars:S: minicar:N:x minicars:S: minicomputer:N:x minicomputers:S:
minicrash:N: minifying:G: minimal:J: minimalism:N:g minimalist:JN:p minimally:R: minimill:N: minimills:S: minimize:V: minimized:ED: minimizes:P:
minimizing:G: minimum-capital:J: minimum-fee:J: minimum-tax:N: minimum-wage:N: minimum:JN:q minimums:S: minimun:N: minin:G: minincomputer:J:
mining:NG:a mininum-wage:N: minions:S: miniscule:JN: miniseries:SN: miniskirt:N:x miniskirts:S: minister:N:p ministered:D: ministerial:J:
ministering:G: ministers:S: ministration:N:a ministrations:S: ministries:S: ministry:N:g minisupercomputers:S: minivan:N:x minivans:S: miniwelfare:J:
mink:N:x minneapolis:N:l minnesota:N:l minor-leaguer:N: minor-sport:N: minor:JN:p minorities:S: minority-internship:J: minority-owned:J: minority:NJ:g
minors:S:g minstrel:N:p minstrels:S: mint:N:q minted:E: minter:N:p minting:G: mints:S: minuet:N:a minus:CIJN:a minuscule:J: minuses:S: minute:NJ:t
minutely:R: minutes:S:w minutia:N:k minutiae:S: mioxidil:N: miracle:N:a miracles:S: miraculous:J: miraculously:R: mire:N:x mired:EJ: mirror:NV:x
mirrored:ED: mirroring:GN: mirrors:PS: mirth:N:s mirthless:J: mis-reading:G: misadventure:N:a misadventures:S: misalignment:N:u misallocated:D:
misallocating:G: misanthrope:N:p misapplication:N:a misapplied:E: misapplying:G: misapprehension:N:k misappropriated:DE: misappropriating:G:
misappropriation:N:a misbegotten:J: misbehaving:G: misbehavior:N:a misbranded:J: miscalculated:DE: miscalculation:N:a miscalculations:S:
miscarriages:S: miscarried:DE: miscegenation:N:a miscellaneous:J: miscellanies:S: miscellany:N:g mischarged:D: mischarges:S: mischarging:N:
mischief:N:a mischievous:J: misclassified:E: miscommunication:N: misconception:N:k misconceptions:S: misconduct:N:a misconstruction:N:w
misconstructions:S: misconstrued:E: miscount:N:a miscreant:JN:p miscreants:S: miscues:S: misdeed:N:a misdeeds:S: misdemeanants:S: misdemeanor:N:a
misdemeanors:S: misdirectors:S: miserable:J: miserably:R: miseries:S: miserly:J: misery:N:s misfired:E: misfiring:G: misfits:S: misfortune:N:a
misfortunes:S: misgauged:E: misgiving:N:s misgivings:S: misguided:JE: mishandled:DJE: mishandling:G: mishap:N:s mishaps:S: misimpressions:S:
misinformation:N:w misinformed:E: misinterpret:V: misinterpretation:N:w misinterpreted:ED: misinterpreters:S: misjudged:DE: misjudgment:N:
misjudgments:S: mislaid:E: misleading:JG: misleadingly:R: misleads:P: misled:DE: mismanaged:D: mismanagement:N:a mismanaging:G: mismatch:N:k
mismatched:E: mismatches:S: mismeasurement:N: mismeasurements:S: misnamed:E: misnomer:N:w miso:N:f misogynist:N:p misperceives:P: misperceptions:S:
misplace:V: misplaced:E: misplacements:S: misplacing:G: mispriced:D: mispronunciation:N:w misquotation:N:w misquoted:E: misquoting:G: misread:D:
misreading:N:w misrelated:E: misrepresent:V: misrepresentation:N:w misrepresentations:S: misrepresented:DE: misrepresenting:G: misrepresents:P:
misrouted:E: miss:VN:p missed:DEJ: misses:PS: misshapen:J: missile-defense:J: missile-engineering:J: missile-guidance:J: missile-launch:J:
missile-range:J: missile-transporter:N: missile-type:J: missile:N:x missiles:S: missing:GJN: mission:N:g missionaries:S: missionary:JN:p missions:S:
mississippi:N:x missive:N:w missouri:N:l misspelled:E: misspent:E: misstated:ED: misstatements:S: misstates:P: misstating:G: misstep:N:a missteps:S:
missy:N:p mist-like:J: mist:N:s mistake:NV:a mistaken:EJ: mistakenly:R: mistakes:SP: mistaking:GN:w misted:D: mister:N:w mistletoe:N:b mistook:D:
mistreat:V: mistreatment:N:a mistress:N:p mistresses:S: mistrial:N:a mistrials:S: mistrust:NV:k mistrusted:DEJ: mists:S: misty-eyed:J: misty:J:
misunderstand:V: misunderstanders:S: misunderstanding:N:w misunderstandings:S: misunderstands:P: misunderstood:ED: misuse:NV:a misused:ED: misusing:G:
miswritten:J: mite-box:N: mite:N:q miter:V: mites:S: mitigate:V: mitigates:P: mitigating:GJ: mitigation:N:a mitral:J: mitre:N:x mitt:N:x mittens:S:
mix-up:N:a mix:NV:f mixed-up:J: mixed:EDJ: mixer:N:g mixers:S: mixes:SP: mixing:GN:a mixologists:S: mixture:N:x mixtures:S: ml:N:q mm:N:q mnemonic:J:
mo:N:t moan:V: moaned:D: moaning:G: moans:P: moat:N:x mob:N:g mobcap:N:x mobcaps:S: mobile-home:N: mobile:J: mobility:N:u mobilization:N:a mobilize:V:
mobilized:ED: mobilizing:GN: mobs:S: mobster:N:p mobsters:S: moccasins:S: mock:JV: mocked:ED: mocker:N:p mockery:N:w mocking:GJ: mockingly:R:
mockups:S: modal:J: modality:N:z mode:N:u model-year:J: model:NJV:k modeled:EDJ: modeling:NJG:x models-on-the-way-up:J: models:S: modem:N:x modems:S:
moderate-income:JN: moderate-rehabilitation:N: moderate:JV: moderated:ED: moderately:R: moderates:SP: moderating:GJ: moderation:N:u moderator:N:x
modern-dance:N: modern-day:J: modern:JN:p modernism:N:x modernist:JN:p modernistic:J: modernists:S: modernity:N:u modernization:N:a modernize:V:
modernized:EJD: modernizing:GN: moderns:S: modes:S: modest:J: modestly:R: modesty:N:u modicum:N:q modification:N:a modifications:S: modified:EJD:
modifier:N:w modifiers:S: modifies:P: modify:V: modifying:G: modish:J: modular:J: modulate:V: modulated:E: modulation:N:w modulations:S: module:N:k
modules:S: mogul:N:u moguls:S: moire:J: moist:J: moisten:V: moistened:JD: moistening:G: moisture:N:s moisturizer:N: moisturizers:S: molal:J: molar:N:x
molars:S: molasses:N:f mold:NV:u moldable:J: moldboard:N:x molded:EJD: molding:NG:a moldings:S: molds:S: moldy:J: mole:N:q molecular:J: molecularly:R:
molecule:N:x molecules:S: molehill:N:x molest:V: molesting:G: mollified:ED: mollify:V: mollycoddle:N:p molten:J: molting:G: molton:N: mom-and-pop:J:
mom:N:p moment:N:t momentarily:R: momentary:J: momentoes:S: momentous:J: moments:S: momentum:N:u mommy:N:p mon-khmer:N:w monacle:N: monarch:N:p
monarchists:S: monarchy:N:g monasteries:S: monastery:N:x monastic:J: monasticism:N:u monaural:J: monday:N:t monei:NS: monetarism:N:k monetarist:NJ:p
monetarists:S: monetary-policy:N: monetary-stroke-military:J: monetary:J: money-back:J: money-broking:J: money-center:J: money-fed:J: money-fund:JN:
money-granting:N: money-handling:N: money-hungry:N: money-laundering:N: money-lending:J: money-losing:J: money-maker:N: money-making:JN:
money-management:NJ: money-manager:N: money-market:JN: money-minded:J: money-retirees:S: money-saving:JN: money-strapped:J: money-supply:JN:
money-transfer:JN: money-winner:N: money-wise:J: money:N:m moneyed:J: moneymaker:N:p moneymakers:S: moneymaking:JN:a moneys:S: monic:J: monicker:J:
monied:J: monies:S: moniker:N:w monitor:VN:p monitored:EDJ: monitoring:NG:a monitors:SP: monk:N:p monkey-gland:N: monkey:N:n monkeys:S: monkish:J:
monks:S: mono-iodotyrosine:JN:x mono-unsaturated:J: mono:JN:s monochromatic:J: monochrome:J: monochromes:S: monocle:N:x monoclinic:J:
monoclonal-antibody:N: monoclonal:J: monocrotophos:S: monodisperse:J: monogamous:J: monogrammed:J: monograph:N:w monographs:S: monohull:N: monolith:N:x
monolithic:J: monolithically:R: monoliths:S: monologist:N:p monologue:N:w monologues:S: monomer:N:x monomers:S: mononuclear:J: monophonic:J:
monopolies:S: monopolistic:J: monopolists:S: monopolization:N:a monopolize:V: monopolized:DE: monopolizing:G: monopoly:N:s monosodium:N:
monosyllable:N:w monosyllables:S: monotone:JN:w monotonous:J: monotony:N:u monoxide:N:x monsieur:N:p monsoon-shrouded:J: monsoon:N:s monster:N:p
monsters:S: monstrosity:N:p monstrous:J: montage:N:x montgolfing:N: month-earlier:J: month-end:JN: month-long:J: month-old:J: month-to-month:J:
month:N:t monthlong:J: monthly:JNR:w months-long:J: months:S: monthsit:N: montmorillonites:S: montreal:N:l monument:N:x monumental:J: monumentalism:N:
monumentality:N: monumentally:R: monuments:S: mood:N:s moodily:R: moods:S: moody:J: mooed:D: mooing:G: moon-drenched:J: moon-round:J: moon-splashed:J:
moon-washed:J: moon:NV:x mooncursers:S: moonlight:NV:s moonlighting:NG: moonlike:J: moonlit:J: moons:S: moontrack:N: moored:E: mooring:N:l moorings:S:
moors:S: moot:J: mop-up:N: mop:VN:x mopped:DE: mopping:G: mops:S: mor:J: moraine:N:x moral:JN:w morale-damaging:J: morale-enhancing:J: morale:N:s
moralism:N:w moralist:N:p moralistic:J: moralities:S: morality:N:u moralizers:S: moralizing:GJ: morally:R: morals:S:k morass:N:x moratorium:N:t
morbid-minded:J: morbid:J: morbidity:N:z more-active:J: more-advanced:J: more-affordable:J: more-attractive:J: more-conventional:J:
more-discriminating:J: more-distinctive:J: more-efficient:J: more-entrenched:J: more-established:J: more-favored:J: more-general:J: more-generic:J:
more-hazardous:J: more-informed:J: more-level:J: more-mainstream:J: more-mundane:J: more-muscular:J: more-natural:J: more-open:J: more-or-less:R:
more-personal:J: more-powerful:J: more-pressing:J: more-realistic:J: more-selective:J: more-senior:J: more-sophisticated:J: more-spontaneous:J:
more-stringent:J: more-than-average:R: more-than-ordinary:J: more-than-terrible:J: more-volatile:J: more:JNR:p moreover:R: mores:S:k morgue:N:x
moribund:J: morning-frightened:J: morning-glory:N: morning-session:N: morning:N:t mornings:S: morocco-bound:J: morocco:N:l morose:J: morosely:R:
morphemic:J: morphine:N:x morphogenetic:J: morphologic:J: morphological:J: morphology:N:k morphophonemic:J: morphophonemics:S:k morrow:N:t morse:N:w
morsel:N:q morsels:S: mortages:S: mortal:JN:z mortality:N:u mortally:R: mortals:S: mortar:N:x mortared:E: mortaring:N: mortars:S: mortgage-backed:J:
mortgage-banking:N: mortgage-based:J: mortgage-industry:N: mortgage-insurance:JN: mortgage-interest:J: mortgage-lending:JN: mortgage-securities:J:
mortgage-servicing:N: mortgage:NV:m mortgagebacked:J: mortgaged-backed:J: mortgaged:E: mortgages:SP: mortician:N:p morticians:S: mortification:N:s
mortis:N: mos:S: mosaic-like:J: mosaic:N:x mosaics:S: moscow:N:l moses:N:p mosey:V: mosque:N:x mosques:S: mosquito-plagued:J: mosquito:N:n
mosquitoes:S: moss-covered:J: moss:N:b most-active:J: most-actives:J: most-admired:J: most-dangerous:J: most-desired:J: most-favored-nation:J:
most-hazardous:J: most-indebted:J: most-influential:J: most-jingoistic:J: most-likely-successor:J: most-likely:J: most-livable:J: most-obvious:J:
most-owned:J: most-polluted:J: most-prestigious:J: most-recent:J: most-recommended-issues:J: most-recommended:J: most-respected:J: most-sold:J:
most-strident:J: most-used:J: most-valuable-player:N: most-valuable:J: most-watched:J: most:RJN: mostaccioli:N:f mostly:RJ: motel-keepers:S:
motel-keeping:N: motel:N:x motels:S: motet:N:w motets:S: moth-eaten:E: moth-like:J: moth:N:n mothballing:N: mothballs:S: mother-in-law:N:p
mother-introject:N: mother-naked:J: mother-of-pearl:JN:x mother-only:J: mother:NV:p mothered:E: motherhood:N:z motherland:N:l motherless:J: motherly:J:
mothers-in-law:S: mothers:S: moths:S: motif:N:x motifs:S: motion-control:N: motion-pattern:N: motion-picture:NJ: motion:N:w motional-modified:J:
motional:J: motioned:D: motioning:G: motionless:J: motions:SP: motivate:V: motivated:EDJ: motivates:P: motivating:GJ: motivation:N:z motivations:S:
motive:NJ:z motives:S: motley:J: motor-car:N: motor-control:J: motor-drive:J: motor-home:N: motor-industry:N: motor-operated:J: motor-vehicle:N:
motor:NJV:x motorbike:N:x motorcade:N:g motorcar:N:x motorcycle:N:x motorcycled:D: motorcycles:S: motorcyle:N: motored:D: motoring:G: motorist:N:p
motorists:S: motorized:EJ: motors:S: motorscooters:S: mottled:EJ: motto:N:w mough:N: mould:V: mouldering:G: moulding:N:x mound:N:x mounded:DE:
mounds:S: mount:VN:n mountain-bike:N: mountain:N:x mountaineering:N:a mountaineers:S: mountainous:J: mountainously:R: mountains:S: mountainside:N:x
mountainsides:S: mountaintop:N: mounted:EJD: mounting:GJN:a mountings:S: mounts:SP: mourn:V: mourned:D: mourner:N:p mourners:S: mournful:J:
mournfully:R: mourning:GN:s mourns:P: mouse:N:n mousetrap:N:x mousetraps:S: mousse:N:f mousseline:N: moustache:N:x mousy:J: mouth-to-mouth:J:
mouth-up:J: mouth-watering:J: mouth:N:x mouthed:D: mouthful:N:q mouthing:G: mouthpiece:N:x mouthpieces:S: mouths:S: movable:JN:m move-up:J: move:NV:a
moved:DE: movement:N:a movements:S: mover:N:p movers:S: moves:SP: movie-distribution:N: movie-goer:N: movie-like:J: movie-making:N:
movie-of-the-week:N: movie-production:NJ: movie-quality:J: movie-star:N: movie-studio:N: movie-themed:J: movie-to-be:N: movie:N:w moviegoer:N:p
movieland:N: moviemakers:S: movies:S: moviestar:N: moving:GJN: movingly:R: mow:V: mowed:E: mower:N:x moxie:N:u mpg:N: mph:NJ:t much-abused:J:
much-anticipated:J: much-awaited:J: much-beloved:J: much-copied:J: much-coveted:J: much-craved:J: much-criticized:J: much-delayed:J: much-despised:J:
much-discussed:J: much-heralded:J: much-larger:J: much-lauded:J: much-maligned:J: much-needed:J: much-publicized:J: much-respected:J: much-revised:J:
much-smaller:J: much-talked-about:J: much-thumbed:J: much-watched:J: much:JTNR:q mucilage:N:x muck:N:x mucked:E: mucker:N: mucking:G: mucky:J:
mucosa:N:x mucus:N:x mud-beplastered:J: mud-caked:J: mud-logger:N: mud-sweat-and-tears:J: mud:N:x muddied:EJ: muddle:NV:s muddled:ED: muddleheaded:J:
muddling:G: muddy-tasting:J: muddy:J: mudguard:N:x mudslinging:N: mudwagon:N: muezzin:N:p muff:NV:x muffed:DE: muffins:S: muffled:JDE: muffler:N:x
mufflers:S: muffs:S: mufti:N:p mug:N:q mugged:E: muggers:S: mugging:N:a muggy:J: mugs:S: mulatto:N:p mulch:N:x mulching:G: mule-drawn:J: mule:N:n
mules:S: mulitiplier:J: mull:V: mullah:N:p mullets:S: mulling:GN: mulls:P: multi-agency:JN: multi-billion-dollar:J: multi-colored:J: multi-column:J:
multi-crystal:J: multi-disciplinary:J: multi-family:J: multi-gear:J: multi-lingual:J: multi-media:S: multi-million-dollar:J: multi-million:J:
multi-millionaire:JN: multi-phase:J: multi-product:J: multi-purpose:J: multi-spired:J: multi-state:J: multi-valued:SJ: multi-valve:J: multi-windowed:J:
multi-year:J: multi:S: multibank:N: multibillion-dollar:J: multibillion-yen:J: multibillion:J: multibilliondollar:J: multichannel:J: multicolor:J:
multicolored:J: multidimensional:J: multifaceted:J: multifamily:JR: multifiber:J: multifigure:N: multihulled:E: multilateral:J: multilayer:J:
multilayered:J: multilevel:J: multilingual:J: multilocation:N: multimedia:S:w multimegaton:J: multimillion-dollar:JN: multimillion:JN:
multimillionaire:N: multimillions:S: multinational:J: multinationalism:N: multinationals:S: multipactor:N: multipart:J: multipartisan:J: multiparty:NJ:
multiple-choice:J: multiple-column:J: multiple-paged:J: multiple-purpose:J: multiple-state:J: multiple-use:J: multiple-year:J: multiple:JN:k
multipled:D: multiples:S: multipleuser:J: multiplexer:N:x multiplexers:S: multiplexing:N: multiplication:N:a multiplicity:N:u multiplied:ED:
multiplies:P: multiply:V: multiplying:G: multipronged:E: multipurpose:J: multiscreen:J: multisided:J: multistage:J: multistate:N: multitasking:GN:
multitude:N:q multitudes:S: multitudinous:J: multivalent:J: multivalve:J: multiversity:N:g multiyear:J: mum:JN:b mumble:N:w mumbled:DE: mumbles:P:
mumbling:G: mumbo-jumbo:N: mumbo:N: mummies:S: mummified:E: mummy:N:p munch:V: munched:D: munches:P: munching:G: munchkin:N: mundane:J: mungus:N:
muni:NJS: munich:N:l municipal-bond:JN: municipal:JN: municipalities:S: municipality:N:l municipally-sponsored:J: municipally:R: municipals:S:
munificence:N:u munis:S: munition:N:x munitions:S: mural:N:x murals:S: murder:NV:a murdered:EDJ: murderer:N:p murderers:S: murdering:GJ: murderous:J:
murders:SP: murkier:J: murkily:R: murky:J: murmur:NV:a murmured:D: murmuring:G: murmurs:P: mus:M: muscat:J: muscatel:N:f muscle-bound:J:
muscle-flexing:J: muscle-meat:N: muscle-shaping:J: muscle:NV:x muscled:DE: muscleman:N:p musclemen:S: muscles:S: muscling:G: muscular:J:
musculature:N:x muse:NV:p mused:D: muses:PS: museum:N:x museums:S: mush:N:x mushroom-processing:J: mushroom:NV:b mushroomed:ED: mushrooming:N:
mushrooms:S: mushy:J: music-entertainment:N: music-hall:JN: music-loving:J: music-making:N: music-publishing:J: music:N:w musical:JN:w musicality:N:u
musically:R: musicals:S: musician:N:p musicians:S: musicianship:N:k musicologists:S: musing:G: musings:S: musk:N:x muskadell:N: musket:N:x musketry:N:g
muskets:S: mussels:S: must:MJN:x musta:M: mustache:N:x mustached:J: mustaches:S: mustachioed:J: mustard:NJV:b muster:VN:g mustered:DE: mustering:G:
mustiness:N:u musts:S: musuem:N: mutant:J: mutate:V: mutated:E: mutates:P: mutation:N:p mutational:J: mutations:S: mute:JV: muted:EDJ: mutely:R:
mutilated:EJ: mutilates:P: mutilating:G: mutilation:N:a mutineer:N:p mutinies:S: mutinous:J: mutiny:N:a mutter:V: muttered:D: mutterers:S: muttering:G:
mutterings:S: mutters:SP: mutton:N:f mutts:S: mutual-aid:J: mutual-assured:J: mutual-fund:JN: mutual-funds:S: mutual:J: mutuality:N:z mutually:R:
muzzle:NV:x muzzled:E: muzzles:SP: muzzling:J: mv:N:q my:OUJ: mycobacteria:N:n mycology:N:k myelofibrosis:N:s myelogenous:J: myeloid:N: myn:O: myne:O:
myocardial:J: myocardium:N:x myofibril:N:x myofibrilla:N:x myofibrillae:S: myofibrils:S: myopia:N:s myopic:J: myosin:N:x myriad:JN:q myrrh:N:b
myrtle:N:b myself:O: mysteries:S: mysterious:J: mysteriously:R: mystery-story:J: mystery:N:k mystic:JN:p mystical:J: mystically:R: mysticism:N:k
mysticisms:S: mystics:S: mystification:N:k mystified:E: mystique:N:u myth-making:GN: myth:N:w mythic:J: mythical:J: mythological:J: mythologies:S:
mythology:N:g myths:S: n-dimensional:J: n-trial:N: n:NC:x na:IG: nab:V: nabbed:E: nabbing:G: nacelle:N:x nacho-crunching:J: nadir:N:s nagged:D:
nagging:JNG: naggings:S: nags:S: nahce:J: nail:NRV:x nailed:ED: nailing:G: nails:S: naive:JN: naively:R: naivete:N:u naked:J: nakedly:R: nakedness:N:s
name-brand:J: name-calling:N: name-dropper:N: name-droppers:S: name-dropping:N:w name-drops:P: name-plating:J: name:NVU:w named:EDJ: namedropper:N:
nameless:J: namely:R: nameplate:N:x nameplates:S: names:SP:w namesake:N:p naming:GN:w nannies:S: nanny:N:p nap:NV:t naphtha:N:x napkin:N:x napkins:S:
napoleon:N:p napped:D: napping:G: naprapath:N:p naps:S: narcissistically:R: narco:N: narcokleptocrat:N: narcolepsy:N:s narcos:S: narcosis:N:k
narcotic:J: narcotics:SN: narcotizes:P: narrated:E: narration:N:w narrative:NJ:w narratives:S: narrator:N:p narrow-bodied:J: narrow-casting:N:
narrow-minded:J: narrow:JV: narrowed:DE: narrower:J: narrowest:J: narrowing:GN:u narrowly:R: narrowness:N:u narrows:P: nary:T: nasal:J: nasaled:D:
nascent:J: nashville:N:l nassau:N:l nastier:J: nastiest:J: nasty:J: natal:J: natch:U: nation-building:N: nation-state:NJ: nation-states:N:
nation-wide:J: nation:N:g national-policy:N: national-priority:J: national-security:NJ: national-service:JN: national-treasure:J: national:JNR:p
nationalism:N:u nationalisms:S: nationalist:JN:p nationalistic:J: nationalists:S: nationalities:S: nationality:N:g nationalization:N:a nationalize:V:
nationalized:DEJ: nationalizing:G: nationally:R: nationals:S: nationhood:N:s nations:S: nationwide:JR: native-born:J: native:JN:p natives:S: nattily:R:
natty:J: natural-foods:S: natural-gas-pipeline:J: natural-gas-pricing:J: natural-gas:NJ: natural-law:N: natural-resources:SJ: natural:JN:p
naturalism:N:k naturalist:N:p naturalistic:J: naturalized:EJ: naturally:R: naturalness:N:u nature-conquering:J: nature:NJ:u natured:J: natures:S:
naturopath:N:p naught:N:q naughtier:J: naughty:J: nausea:N:s nauseated:EJ: nauseous:J: nautical:J: naval:J: navel:N:x navels:S: navies:S: navigable:J:
navigate:V: navigated:E: navigating:G: navigation:N:a navigational:J: navigator:N:p navigators:S: navy-blue:J: navy:NJ:g nawt:R: nawth:N: nay:R:
naysay:V: naysayers:S: nazi:N:p nazism:N:g nd:C: near-absence:N: near-at-hand:J: near-blind:J: near-by:IJ: near-certain:J: near-complete:J:
near-completed:J: near-completion:N: near-disaster:N: near-doubling:N: near-equivalents:S: near-hysteria:N: near-identical:J: near-irrelevant:J:
near-left:N: near-limit:J: near-luxury:J: near-maddened:J: near-majority:J: near-manic:J: near-market:J: near-misses:N: near-monopolies:S:
near-monopoly:NJ: near-mutiny:N: near-panic:JN: near-paralysis:N: near-perfect:J: near-recession:N: near-record:JN: near-rich:N: near-solid:J:
near-strangers:S: near-synonyms:S: near-term:JN: near-total:J: near-unanimous:J: near-unmatched:J: near:IRVJ: nearby:JR: neared:DE: nearer:JIR:
nearest:JRI: nearing:G: nearly:R: nearness:N:u nears:PS: nearsighted:J: nearsightedly:R: neat:J: neater:R: neatest:J: neatly:R: neatness:N:s
nebraska:N:l nebula:N:x nebular:J: nebulous:J: necessaries:S: necessarily:R: necessary:J: necessitate:V: necessitated:ED: necessitates:P:
necessitating:G: necessities:S: necessity:N:s neck-and-neck:J: neck-deep:J: neck:NRV:x necking:N:x necklace-like:J: necklace:N:x necklaces:S:
neckline:N:x necks:S: necktie:N:x neckties:S: necromantic:J: necropsy:N:a necrosis:N:s necrotic:J: nectar:N:x nectareous:J: nectaries:S: nectary:N:b
need:NVM:s needed:EJD: needing:G: needle-like:J: needle-nosed:J: needle-sharp:J: needle:NV:b needled:D: needlelike:J: needles:S: needless:J:
needlessly:R: needs:PSV: needy:JS:g negate:V: negated:ED: negation:N:w negative:JN:w negatively:R: negatives:S: negativism:N:u neglect:NV:k
neglected:EJD: neglecting:G: neglects:P: negligence:N:a negligent-homicide:N: negligent:J: negligently:R: negligible:J: negligibly:R: negociant:N:
negociants:S: negotatiators:S: negotiable:J: negotiate:V: negotiated:EJD: negotiates:P: negotiating:GJN: negotiation:N:w negotiations:S: negotiator:N:p
negotiators:SP: negro:N:p neighbhorhoods:S: neighbor:N:p neighborhood:N:l neighborhoods:S: neighboring:GJ: neighborliness:N:u neighborly:J:
neighbors:S: neighbourhood:N:l neighbours:S: neither:TNRC: nemeses:S: nemesis:N:p neo-classicism:N: neo-dadaist:N: neo-fascist:J: neo-populist:J:
neo-stagnationist:J: neo-swing:N: neo:J: neoclassical:J: neoconservative:J: neocortex:N:x neocortical-hypothalamic:J: neoliberal:J: neolithic:J:
neon-lighted:J: neon-lit:J: neon:N:x neonatal:J: neophyte:JN:b neophytes:S: neoprene:N:x neoromanticism:N:g nephew:N:p nephews:S: nepotism:N:a
neptune:N:p nerd-and-geek:J: nerd:N:p nerds:S: nerdy:J: nerly:R: nerve-cell:J: nerve-ends:S: nerve-racking:J: nerve-shattering:J: nerve:N:x
nerveless:J: nerves:S:s nervous:J: nervously:R: nervousness:N:s nervy:J: nest-egg:N: nest:NV:x nestbuilding:N: nested:ED: nester:N:p nesters:S:
nesting:GJN: nestled:ED: nestling:N:n nests:S: net-benefit:J: net-capital:J: net-like:J: net-profits:J: net:JNV:x nether:JC: nets:SP: netted:DE:
netting:G: nettled:DE: nettlesome:J: network-affiliated:J: network-buying:J: network-owned:J: network-services:J: network-wide:J: network-writer:J:
network:NV:g networking:NG: networks:SP: neural:J: neuralgia:N:s neurasthenic:N:p neuritis:N:s neuroblastoma:N:s neurological:J: neurologist:N:p
neurologists:S: neuromuscular:J: neuron:N:x neuronal:J: neuropathology:N: neuropathy:N:s neuropsychiatric:J: neuroselective:J: neuroses:S: neurosis:N:s
neurosurgeon:N:p neurotic:J: neurotoxic:J: neurotransmitter:N:x neurotransmitters:S: neuter:N:w neutered:E: neutral:J: neutralism:N:w neutralist:JN:p
neutralists:S: neutrality:N:a neutralization:N:a neutralize:V: neutralized:E: neutralizes:P: neutrino-sized:J: neutrino:N:x neutron:N:x neutrons:S:
neutrophil:N:x neutrophils:S: never-ending:J: never-predictable:J: never-to-be-forgotten:J: never:R: nevertheless:R: new-business:NJ: new-car:NJ:
new-country:J: new-found:J: new-generation:N: new-home:J: new-house:J: new-issue:JN: new-issues:JS: new-job:J: new-loan:J: new-model:JN: new-money:J:
new-mown:J: new-product:NJ: new-rich:J: new-share:J: new-spilled:J: new-styled:J: new-telephone-line:N: new:J: newage:N: newborn:J: newborns:S:
newcastle:N:l newcasts:S: newcomer:N:p newcomers:S: newdrug:N: newel:N:x newer:J: newest:J: newfangled:J: newfound:J: newfoundland:N:n newissue:N:
newly-appointed:J: newly-created:J: newly-emerging:J: newly-married:J: newly-plowed:J: newly-scrubbed:J: newly-weds:S: newly:RJ: newlywed:N:p
newlyweds:S: newport:N:l news-division:N: news-magazine:N: news-oriented:J: news-release:N: news-weeklies:S: news-weekly:N: news:NS:w newsboy:N:p
newscast:N:w newscaster:N:p newscasts:S: newsgathering:N: newsies:S: newsletter:N:w newsletters:S: newsmaker:N: newsman:N:p newsmen:S:
newspaper-delivery:N: newspaper-industry:J: newspaper-printing:N: newspaper-publishing:J: newspaper:N:w newspaperman:N:p newspapers:S: newsperson:N:p
newsprint:N:x newsprints:S: newsreel:N:w newsroom:N:g newsstand:N:x newsstands:S: newsweekly:R: newswire:N: newsworthiness:N:u newsworthy:J: newt:N:n
newton:N:p next-door:J: next-generation:NJ: next-to-last:J: next:JIR: nexus:N:z nibble:VN:q nibblers:S: nibbling:GN: nibs:S: nice-looking:J: nice:J:
nicely:R: nicer:J: nicest:J: niceties:S: nicety:N:u niche-market:N: niche:N:s niches:S: nicked:E: nickel-iron:N: nickel:NJ:x nickeling:G: nickels:S:
nickname:NV:w nicknamed:ED: nicknames:S: nicotine-choked:J: nicotine-free:J: nicotine:N:x niece:N:p nieces:S: nifty:J: niger:N:x niggardly:J: nigger:N:
niggers:S: nigh:R: night-coach:J: night-sight:N:k night-time:J: night-vision:JN: night-watchman:N: night:NR:t nightclub:N:x nightclubs:S:
nightdress:N:x nighted:J: nighters:S: nightfall:N:t nightgown-clad:J: nightgowns:S: nightingale:N:n nightingales:S: nightly:JR: nightmare:N:s
nightmares:S: nightmarish:J: nights:S: nightshirt:N:x nighttime:JN:t nigras:S: nigs:S: nihilism:N:k nihilist:N:p nihilistic:J: nil:J: nilly:R:
nilpotent:J: nimble:J: nimbler:J: nimbly:R: nine-bedroom:J: nine-cent:J: nine-chambered:J: nine-day:J: nine-digit:J: nine-game:J: nine-member:J:
nine-month:J: nine-months:S: nine-page:J: nine-point:J: nine-press:N: nine-state:J: nine-story:J: nine-tenths:S: nine-to-five:J: nine-year-old:J:
nine-year:J: nine:N:q ninefold:JR: nineteen-year-old:J: nineteen:N:q nineteenth-century:J: nineteenth:J: nineties:S:t ninetieth:J: ninth-circuit:J:
ninth-inning:N: ninth-largest:J: ninth:J: nip:NV:q nipped:D: nipples:S: nips:S: nirvana:N:s nise:J: nit-picking:N: nit-picky:J: nitpicking:J:
nitrate:N:x nitrates:S: nitrite:N:x nitrocellulose:N:x nitrofurantoin:N:x nitrogen-based:J: nitrogen-fertilizer:N: nitrogen-mustard:J: nitrogen:N:x
nitroglycerine:N:x nitrous:J: nitwits:S: nixed:D: no-back:N: no-brainer:N:a no-bunkum:J: no-confidence:N: no-drinking:J: no-driving:J: no-fat:J:
no-fault:J: no-frills:J: no-fuss:J: no-goal:N:k no-good-bums:S: no-good:J: no-growth:JN: no-hit:J: no-hitters:S: no-inflation:JN: no-layoff:J:
no-load:J: no-loads:S: no-lose:J: no-man:J: no-men:S: no-mistakes:J: no-more-nonsense:J: no-muss:J: no-new-tax:J: no-new-taxes:J: no-no:N:
no-nonsense:J: no-nos:S: no-o:U: no-one:J: no-profit:J: no-smoking:J: no-star:J: no-strike:J: no-tax-increase:J: no-tax:J: no-trade:J: no-trading:J:
no-valued:J: no-walls-no-doors:J: no-waste:J: no-win:J: no:TJNRU:w nobility:N:g noble:J: nobleman:N:p noblemen:S: nobler:J: nobles:S: noblesse:J:
noblest:J: nobly:R: nobody:N:p nociceptive:J: noconfidence:J: nocturnal:J: nod:NV:w nodded:DE: nodding:GJ: nodes:S: nods:PS: nodular:J: nodule:N:x
nodules:S: noes:S: noire:N: noise:N:a noiseless:J: noisemaker:N:x noisemakers:S: noises:S: noisier:J: noisily:R: noisy:J: noli:S: nomadic:J: nomads:S:
nomenclatural:J: nomenclature:N:w nomia:N:n nomias:S: nominal:JN:w nominally:R: nominate:V: nominated:ED: nominating:G: nomination:N:a nominations:S:
nominee:N:p nominees:S: non-absorbent:J: non-academic:J: non-accrual:J: non-accruing:J: non-advertising:J: non-affiliate:N: non-airline:JN:
non-alcohol:J: non-alcoholic:J: non-algebraically:J: non-amortizing:J: non-annualized:J: non-answer:JN: non-arbitrage:J: non-artistic:J:
non-authoritative:J: non-auto:J: non-automotive:J: non-bank:J: non-banking:J: non-bearing:J: non-beer:J: non-binding:J: non-biodegradable:J:
non-black:J: non-books:S: non-brain:J: non-brand:J: non-building:J: non-business:J: non-caffeine:J: non-call:J: non-callable:J: non-cash:J:
non-casino:J: non-catholic:N:p non-church:J: non-circumvention:N: non-clients:S: non-code:J: non-college:J: non-color:N: non-com:N: non-commissioned:J:
non-communist:J: non-communists:S: non-comparable:J: non-compete:J: non-competition:J: non-competitive:J: non-compliance:N: non-conformists:S:
non-confrontational:J: non-consolidated:J: non-consumer:N: non-contact:J: non-contract:J: non-contributory:J: non-controlling:J: non-convertible:J:
non-core:J: non-credit:J: non-crisis:J: non-cumulative:J: non-cyclical:J: non-daily:J: non-dairy-creamer:N: non-dealer:J: non-deductible:J:
non-defense-related:J: non-defense:J: non-democratic:J: non-direct:J: non-disabled:JN: non-dischargable:J: non-discrimination:N:u non-diva-like:J:
non-dividend-bearing:J: non-dramas:S: non-drug:J: non-dual:J: non-duck:J: non-durable:J: non-earning:J: non-economical:J: non-economists:S:
non-edible:J: non-elderly:J: non-employee:J: non-encapsulating:J: non-energy:J: non-enforcement:J: non-enzymatic:J: non-equity:J: non-event:N:
non-exclusive:J: non-executive:J: non-exempt:J: non-existant:J: non-existent:J: non-familial:J: non-family:J: non-farm:J: non-fat:J: non-fiction:JN:
non-figurative:J: non-financial:J: non-firm:J: non-flight:J: non-food:JN: non-forthcoming:J: non-fortress-like:J: non-freezing:J: non-gasoline:J:
non-governmental:J: non-high:J: non-horticultural:J: non-hydrogen-bonded:J: non-identity:J: non-ideological:J: non-inflationary:J: non-insider:N:
non-instinctive:J: non-institutionalized:J: non-insurance:JN: non-intellectual:J: non-interest-bearing:J: non-interest:JN: non-interference:N:
non-interstate:J: non-interventionist:J: non-invasive:J: non-investment:J: non-issue:N:s non-itemized:J: non-jew:N:p non-job-connected:J: non-junk:J:
non-junkies:S: non-lawyers:S: non-lethal:J: non-life:J: non-linear:J: non-liquid:J: non-literary:J: non-management:JN: non-market:N: non-meat:N:
non-medical:J: non-mega:J: non-member:N: non-members:S: non-merger:J: non-metallic:J: non-methanol:J: non-military:J: non-mining:J: non-monetary:J:
non-monopolistic:J: non-negative:J: non-network:J: non-newspaper:J: non-newtonian:J: non-nonsense:N: non-objective:J: non-objects:S: non-oil:J:
non-operating:J: non-option:J: non-packaging:J: non-paper:N: non-partisan:J: non-party:J: non-patent:J: non-pathogenic:J: non-performing:J:
non-person:N: non-pipeline:N: non-poetry:N: non-police:J: non-political:J: non-polygynous:J: non-porous:J: non-pregnant:J: non-prescription:JN:
non-priority:J: non-productive:J: non-professional:J: non-professionals:S: non-profit:J: non-propagandistic:J: non-propagating:J: non-public:J:
non-publishers:S: non-readers:S: non-realistic:J: non-recessionary:J: non-recourse:J: non-recurring:J: non-refundable:J: non-regulated:J:
non-religious:J: non-repetitious:J: non-representation:J: non-research:J: non-resident:J: non-residential:J: non-residents:S: non-resistant:N:p
non-resistants:J: non-retail:J: non-romantic:J: non-sales:J: non-scheduled:J: non-scientific:J: non-scientist:J: non-seamen:S: non-sentimental:J:
non-service-connected:J: non-service:J: non-skid:J: non-smokers:S: non-smoking:J: non-social:J: non-staple:J: non-state:J: non-stop:J: non-strategic:J:
non-striking:J: non-subcommittee:J: non-subscription:J: non-subsidized:J: non-success:N: non-supervisory:J: non-surgical:J: non-swimmers:S:
non-systematic:J: non-tariff:J: non-taxable:J: non-telephone:J: non-thermal:J: non-time:N: non-toxic:J: non-trade-related:J: non-trade:J:
non-traders:S: non-traditional:J: non-union:J: non-user:N: non-utility:J: non-vaccinated:J: non-verbal:J: non-vested:J: non-veterans:S:
non-violence:NJ: non-violent:J: non-violently:R: non-viral:J: non-virulent:J: non-volatile:J: non-voting:JN: non-wage:J: non-warranty:N: non-wealthy:J:
non-white:J: non-wireline:J: non-working:J: non-writers:S: non:J: nonacid:J: nonaddictive:J: nonagricultural:J: nonbanking:J: nonbinding:J:
nonbusiness:N: noncallable:J: noncash:JN: nonce:N:t nonchalant:J: nonchlorinated:J: nonchurchgoing:J: noncom:N:p noncombat:JN: noncombatant:J:
noncommercial:J: noncommissioned:J: noncommittal:J: noncommittally:R: noncommunist:N: noncompetitive:J: noncompetitively:R: noncompliance:N:a
noncompliant:J: nonconformist:N:p nonconformists:S: noncontract:J: noncontroversial:J: nonconvertible:J: noncorrosive:J: noncriminal:J:
noncumulative:J: noncustomer:N: nondairy:J: nondeductible:J: nondefeatist:J: nondefense:JN: nondemocratic:J: nondescript:J: nondescriptly:R:
nondestructive:J: nondiscretionary:J: nondiscrimination:N: nondiscriminatory:J: nondoctrinaire:J: nondollar:J: nondriver:N:p nondrying:J: nondurable:J:
nondurables:S: none:N:t noneconomic:J: nonelectrical:J: nonentity:N:s nonequivalence:N:u nonequivalent:J: nonessential:J: nonetheless:R: nonevent:N:a
nonexecutive:J: nonexistent:J: nonfarm:J: nonfat:J: nonferrous:J: nonfiction:N:w nonfinancial:J: nonflammable:J: nonfood:N: nonfunctional:J:
noninflationary:J: noninstitutionalized:J: noninterest-income:N: noninterest:J: noninterference:N:w nonintervention:N:w nonionic:J: nonism:N:
nonlethal:J: nonlinguistic:J: nonliterary:J: nonmaterial:J: nonmedia:N: nonmembers:S: nonmetallic:J: nonminority:N: nonmusical:J: nonmythological:J:
nonobservant:J: nonoccurrence:N:s nonogenarian:N: nonoperating:GJN: nonpareil:J: nonparticulate:N: nonpartisan:J: nonpaying:J: nonpayment:N:m
nonperformers:S: nonperforming:JGN: nonphysical:J: nonpoisonous:J: nonpolitical:J: nonporous:J: nonprescription:N: nonpriority:N: nonproductive:J:
nonprofit:J: nonproliferation:N:a nonpublic:J: nonqualified:E: nonracial:J: nonreactivity:N: nonreactors:S: nonrecourse:J: nonrecurring:GJ:
nonrefundable:J: nonregulated:J: nonresident:J: nonresidential:J: nonsegregated:J: nonsense:NJ:w nonsensical:J: nonshifters:S: nonsingular:J:
nonsmokers:S: nonsocialist:J: nonspecific:J: nonspecifically:R: nonstandard:J: nonstop:JNR:a nonstops:S: nonstrategic:J: nonstrikers:S:
nonsuccessful:J: nonsurgical:J: nonsystematic:J: nonthreatening:G: nontoxic:J: nontrade:N: nontraditional:J: nontransferable:J: nonunion:J:
nonunionized:E: nonverbal:J: nonverbally:R: nonviolence:N:a nonviolent:J: nonvirulent:J: nonvoting:J: nonwhite:J: nonwhites:S: nonworking:J: noodles:S:
nook:N:l nooks:S: noon:N:t noontime:N: noose:N:x nor:C: noradrenalin:N: noradrenaline:N:x norethandrolone:N:x norm:N:z normal:JR: normalcy:N:s
normalization:N:a normalize:V: normalized:E: normalizing:G: normally:R: normals:S: normative:J: norms:S: north-bound:J: north-flowing:J: north-south:J:
north:RJN:l northeast:NJR:z northeastern:J: northerly:J: northern:J: northerner:N:p northerners:S: northernmost:J: northers:S: northland:N:l
northward:R: northwest:RNJ:l northwestern:J: norway:N:l nos:S: nose-dive:N: nose-dived:DE: nose-to-nose:J: nose:NV:x nosebag:N:x nosebleed:N:s nosed:D:
nosedive:NJ:s nosedived:D: nosediving:G: noses:S: nosing:G: nostalgia:N:s nostalgic:J: nostalgically:R: nostril:N:x nostrils:S: nostrums:S: nosy:J:
not-ace:N: not-for-profit:J: not-less-deadly:J: not-quite-mainstream:J: not-quite-perfect:J: not-so-favorite:J: not-so-lonely:J: not-so-new:J:
not-so-pale:J: not-so-rich:N: not-so-subtly:R: not-so-trivial:J: not-strictly-practical:J: not-too-distant:J: not-yet-married:J: not:R: notable:J:
notables:S: notably:R: notarized:E: notation:N:w notch:NV:u notched-stick:J: notched:ED: notches:S: notching:G: note:NJV:w notebook-size:J:
notebook-sized:J: notebook:N:w notebooks:S: noted:DJE: noteholder:N: noteholders:S: notepad:N:x notes:SP: noteworthy:J: nothin:NG: nothing-down:J:
nothing:N:q nothingness:N:s nothings:S:w notice:NV:w noticeable:J: noticeably:R: noticed:DEJ: notices:SP: noticing:G: notification:N:a notifications:S:
notified:ED: notifies:P: notify:V: notifying:G: noting:G: notion:N:k notions:S: notoriety:N:s notorious:J: notoriously:R: nott:R: notwithstanding:IR:
nought:N:q noun:N:w nouns:S: nourish:V: nourished:EJ: nourishes:P: nourishment:N:f nouveau:J: nouvelle:J: nov:N:t novel-in-progress:N: novel:NJ:w
novelist:N:p novelistic:J: novelists:S: novelized:J: novels:S: novelties:S: novelty:N:u november:N:t novice:NJ:p novices:S: novitiate:N:t novitiates:S:
now-deceased:J: now-defunct:J: now-discontinued:J: now-dismembered:J: now-dominant:J: now-evident:J: now-famous:J: now-historic:J: now-infamous:J:
now-legal:J: now-misplaced:J: now-notorious:J: now-obscure:J: now-ousted:J: now-purged:J: now-repentant:J: now-scuttled:J: now-shaky:J:
now-shuttered:J: now-smaller:J: now-standard:J: now-troubled:J: now-vacant:J: now:RJNU:t nowadays:R: nowbankrupt:J: nowhere:RN:s noxious:J: nozzle:N:x
nozzles:S: nuance:N:w nuances:S: nubbin:N:x nubbins:S: nubile:J: nuceoside:N: nuclear-armed:J: nuclear-arms:S: nuclear-bomb:N: nuclear-industry:N:
nuclear-plant:J: nuclear-power:JN: nuclear-powered:J: nuclear-propulsion:J: nuclear-tipped:J: nuclear-weapons-sites:S: nuclear-weapons:SJ: nuclear:J:
nucleated:E: nuclei:S: nucleic:J: nucleoli:S: nucleolus:N:x nucleotide:N:x nucleus:N:x nuclide:N: nude:JN:x nudes:S: nudge:VN:a nudged:D: nudging:G:
nudism:N:a nudist:J: nudity:N:s nufs:S: nugget:N:x nuisance:NJ:k nuisances:S: nukes:S: null-type:J: null:JN:q nullified:ED: nullifiers:S: nullify:V:
nullifying:G: nullity:N:s numb:J: numbed:E: number-crunchers:S: number-one:J: number:NV:u numbered:ED: numbering:GN:w numbers:SP:w numbing:J:
numbingly:R: numbness:N:s numenous:J: numeral:N:w numerals:S: numerator:N:q numerical:J: numerically:R: numerological:J: numerology:N:k numerous:J:
numinous:J: numismatic:J: nun:N:p nuns:S: nurse:N:p nursed:D: nurseries:S: nursery:NJ:x nurses:S: nursing-home:N: nursing:NG:a nurture:VN:u
nurtured:DE: nurturer:N: nurturing:G: nut-house:N: nut-like:J: nut:N:b nuthouse:N:x nutmeg:N:b nutrient:J: nutrients:S: nutrition:N:s nutritional:J:
nutritionists:S: nutritious:J: nutritive:J: nuts-and-bolts:J: nuts:SJ: nutshell:N:b nutty:J: nux:N: nuzzled:D: nyet:U: nylon:N:x nymph:N:p nympho:N:p
nymphomaniac:NJ:p nymphomaniacs:S: nymphs:S: nystatin:N:x o:INR:x oaf:N:p oafs:S: oak-log:N: oak:N:b oaken:J: oaks:S: oases:S: oasis:N:l oat-based:J:
oat-bran:N: oat:N:b oath-taking:N: oath:N:w oathe:N: oaths:S: oatmeal:N:f oats:SN: obdurate:J: obedience-trained:J: obedience:N:a obediences:S:
obedient:J: obediently:R: obeisance:N:w obeisant:J: obelisk:N:x obese:J: obesity:N:u obey:V: obeyed:DE: obeying:G: obeys:P: obfuscate:V:
obfuscation:N:k obfuscations:S: obituaries:S: object:NV:z objected:DE: objectification:N:a objecting:G: objection:N:w objectionable:J: objections:S:
objective:NJ:k objectively:R: objectiveness:N:u objectives:S: objectivity:N:u objector:N:p objectors:S: objects:SP: obligated:EDJ: obligates:P:
obligating:G: obligation:N:a obligational:J: obligations:S: obligatory:J: obligatto:N: oblige:VN: obliged:EJD: obliges:P: obliging:J: obligingly:R:
oblique:J: obliquely:R: obliterans:S: obliterate:V: obliterated:E: obliteration:N:a oblivion:N:s oblivious:J: oblong:J: obnoxious:J: oboist:N:p
obscene:J: obscenities:S: obscenity:N:u obscure:JV: obscured:EJD: obscurely:R: obscures:P: obscuring:G: obscurities:S: obscurity:N:u obsequies:S:
obsequious:J: obsequiousness:N:u observable:J: observance:N:a observances:S: observant:J: observation:N:a observational:J: observations:S:
observatory:N:x observe:V: observed:EJD: observer:N:p observers:S: observes:P: observing:G: obsessed:EJ: obsesses:P: obsession:N:k obsessions:S:
obsessive-compulsive:J: obsessive:JN:p obsessively:R: obsidian:N:x obsolescent:J: obsolesence:N: obsolete:J: obsoleted:E: obsoleting:G: obstacle:N:k
obstacles:S: obstetrician:N:p obstinacy:N:u obstinate:J: obstruct:V: obstructed:ED: obstructing:G: obstruction:N:x obstructionism:N:a
obstructionist:N:p obstructive:J: obtain:V: obtainable:J: obtaine:V: obtained:EDV: obtaining:G: obtrudes:P: obtrusiveness:N:u obtuse:J: obverse:N:k
obviate:V: obvious:J: obviously:R: obviousness:N:u ocarina:N:x occasion:NV:a occasional:J: occasionally:R: occasioned:E: occasions:SP:k occidental:J:
occipital:J: occluded:E: occlusion:N:s occlusive:J: occupancies:S: occupancy:N:a occupant:N:p occupants:S: occupation:N:a occupational:J:
occupations:S: occupied:EJD: occupies:P: occupy:V: occupying:GJ: occur:V: occured:D: occuring:G: occurred:DE: occurrence:N:a occurrences:S:
occurring:G: occurs:P: ocean-going:J: ocean-pollution:N: ocean-shipping:N: ocean-thermal:J: ocean:N:x oceanfront:JN:x oceanographic:J: oceanography:N:k
oceans:S: oceanthermal:J: ocelot:N:n ocher:N:u ochre:JN:x oct:N:t octagonal:J: octahedron:N:u octane:N:x octave:J: octaves:S: october:N:t
octogenaraians:S: octogenarian:J: octogenarians:S: octopus:N:f octoroon:N:p ocular:J: odd-looking:J: odd-sounding:J: odd-year:J: odd:J: oddball:J:
oddballs:S: oddest:J: oddities:S: oddity:N:u oddly:R: odds-on:J: odds:S:u ode:N:w odessa:N:l odious:J: odor:N:u odors:S: odyssey:N:a oedipal:J:
oerations:S: of:IR: off-again:J: off-balance:J: off-base:J: off-beat:J: off-broadway:N:l off-budget:JN: off-center:J: off-color:J: off-duty:J:
off-exchange:JN: off-farm:J: off-field:J: off-flavors:S: off-hours:JS: off-key:J: off-level:J: off-limits:J: off-line:J: off-network:J: off-off:J:
off-price:J: off-putting:J: off-road:J: off-season:N:t off-shore:J: off-speed:J: off-stage:N: off-the-books:J: off-the-cuff:J: off-the-record:J:
off-the-shelf:J: off-white:J: off-year:J: off:IJNR: offal:N:f offbeat:J: offcourse:J: offence:N:a offences:S: offend:V: offended:EJD: offender:N:p
offenders:S: offending:G: offends:P: offense:N:a offenses:S: offensive:JN:a offensively:R: offensives:S: offer:NV:w offered:EJD: offering-price:J:
offering:NG:w offerings:S: offers:PSN: offersey:S: offhand:J: offhandedly:R: offi:S: offical:J: officals:S: office-equipment:N: office-furniture:J:
office-product:N: office-products:S: office-supplies:S: office-supply:J: office-systems:S: office:N:x officeholders:S: officer:N:p officered:E:
officers:S: offices:S: official:NJ:p officialdom:N:g officially:R: officials:S: officiate:V: officiated:D: officiating:G: officious:J: offing:N:t
offocus:N: offputting:J: offsaddled:D: offset:VJDE: offsets:PS: offsetting:GJ: offshoot:N:s offshoots:S: offshore-rig:N: offshore:JR: offside:N:a
offspring:NS:p offstage:RJ: oft-quoted:J: oft-repeated:J: oft:R: often-criticized:J: often-disparaged:J: often-fatal:J: often-heard:J: often-ignored:J:
often-repeated:J: often:R: oftener:R: oftentimes:R: ogled:DE: ogles:P: ogling:G: ogress:N:p oh:U: ohio:N:l ohmic:J: oil-and-gas:J: oil-based:J:
oil-bath:N: oil-bearing:J: oil-consuming:J: oil-covered:J: oil-depletion:J: oil-driller:N: oil-drilling:N: oil-exporting:N: oil-field:NJ:
oil-finding:J: oil-futures:S: oil-industry:N: oil-lease:J: oil-leasing:N: oil-patch:JN: oil-poor:J: oil-price:NJ: oil-producing:JN: oil-production:N:
oil-recycling:N: oil-rig:N: oil-service:N: oil-services:J: oil-slicked:J: oil-spill:NJ: oil-tanker:N: oil-trading:N: oil-transport:J: oil-well:N:
oil:N:x oilcloth:N:x oiled:J: oiler:N:p oilfield:N:l oilfields:S: oilheating:N: oilman-rancher:N: oilman:N:p oils:S: oilseed:N:b oilseeds:S:
oilworkers:S: oily:J: oink:U: ointment:N:x oiticica:N: okay:JRVU: oklahoma:N:l oks:P: ol:JNU: old-age:J: old-boy:N: old-fashioned:J: old-grad-type:N:
old-growth:J: old-guard:J: old-line:JN: old-maid:N: old-model:J: old-name:J: old-style:J: old-time:J: old-timer:N:p old-timers:SJ: old-world:J: old:J:
olden:J: older-skewing:J: older:JR: oldest:J: oldies:S: oldline:N: olds:S: oldster:N:p oldsters:S: ole:JN: oleander:N:b oleanders:S: olefins:S:
oleomargarine:N:f oleophilic:J: oleophobic:J: olestra:N: olfactory:J: oligarchs:S: oligopoly:N:s olive-flushed:J: olive-green:J: olive:JN:b
olivefaced:J: olives:S: ologies:S: ology:N:k olympics:N:a ombudsman:N:p omelet:N:f omelets:S: omelette:N:f omen:N:a omens:S: omeprazole:N:x ominous:J:
ominously:R: omission:N:a omissions:S: omit:V: omits:P: omitted:ED: omitting:G: ommission:N: omnibus:JN:w omnipotence:N:s omnipresence:N:s
omnipresent:J: omniscient:J: on-again-off-again:J: on-again:J: on-air:J: on-and-off:J: on-board:J: on-budget:J: on-campus:J: on-level:N: on-line:JN:
on-ramps:S: on-set:J: on-site:J: on-stage:J: on-sure:J: on-the-go:J: on-the-job:J: on-the-scene:JN: on-the-spot:J: on-time:J: on:IRJ: onboard:N:
once-a-day:J: once-a-month:J: once-absolute:J: once-balkanized:J: once-bloated:J: once-bustling:J: once-closed:J: once-cozy:J: once-desirable:J:
once-devoted:J: once-distinct:J: once-downtrodden:J: once-dry:J: once-dull:J: once-exploding:J: once-faltering:J: once-fashionable:J: once-grumpy:J:
once-high-flying:J: once-in-a-lifetime:J: once-indomitable:J: once-loyal:J: once-lucrative:J: once-mighty:J: once-moribund:J: once-over-lightly:N:
once-over:N:a once-popular:J: once-powerful:J: once-prestigious:J: once-prevailing:J: once-private:J: once-profitable:J: once-promising:J:
once-proud:J: once-rich:J: once-sacred:J: once-scandalous:J: once-sleepy:J: once-spare:J: once-sporadic:J: once-staid:J: once-stately:J: once-stodgy:J:
once-strong:J: once-troubled:J: once-unprofitable:J: once-unthinkable:J: once-vast:J: once:RI: oncogene:N:x oncogenes:S: oncologist:N:p oncology:N:k
oncoming:J: onct:IJ: one-act-play:J: one-act:J: one-acter:J: one-acters:S: one-arm:J: one-branch:J: one-by-one:J: one-color:J: one-company:J:
one-country:J: one-day:J: one-digit:J: one-dimensional:J: one-drug:J: one-dumbbell:J: one-eighth:NJ:q one-family:J: one-fifth:N:q one-for-one:J:
one-for-two:J: one-fourth:N:q one-gee:J: one-half-point:JN: one-half:N:q one-horse:J: one-hour:J: one-house:J: one-hundredth:N:q one-in-a-million:J:
one-in-four:J: one-inch:J: one-industry:J: one-iron:J: one-issue:J: one-kiloton:J: one-liners:S: one-man:J: one-megabit:J: one-million-letter:J:
one-million-plus:J: one-minute:J: one-month-old:J: one-month:J: one-newspaper:J: one-night:J: one-of-a-kind:J: one-on-one:JR: one-out-of-three:J:
one-over-par:J: one-owner:J: one-page:J: one-paragraph:J: one-parent:J: one-party:J: one-penny:J: one-percentage-point:J: one-percentage:J:
one-person:N: one-plane:J: one-point:J: one-pound-or-so:J: one-product:N: one-quarter-cent:J: one-quarter:NJ:q one-reel:J: one-restaurant:N:
one-room:J: one-sentence:J: one-set:J: one-ship:J: one-shot:J: one-sided:J: one-sixteenth:N:q one-sixth:JN:q one-size-fits-all:J: one-square-mile:J:
one-step:J: one-stooler:N: one-stop:J: one-story:J: one-stroke:J: one-tenth:N:q one-term:J: one-third:N:q one-thirty:R: one-thousand-zloty:J:
one-thousandth:N:q one-time:J: one-twentieth:JN: one-two-three:N: one-two:J: one-upmanship:N:a one-upsmanship:N: one-way:J: one-week-old:J: one-week:J:
one-woman:J: one-word:J: one-year-old:J: one-year:JN: one-yen:J: one:N:q oneasy:N: oneness:N:u onepage:J: onerous:J: ones:S: oneself:O: onetime:J:
oneyear:J: ongoing:J: onion:N:b onions:S: onleh:R: online:J: onlooker:N:p onlookers:S: only:RIJ: onrush:N:a onrushing:J: onscreen:R: onset:N:a
onslaught:N:a onslaughts:S: onstage:NR: onto:I: ontological:J: ontologically:R: onus:N:k onward-driving:J: onward:R: onwards:R: onyx:N:x oodles:N:q
oohs:US: oomph:N:u oops:U: ooze:NV:x oozed:D: oozing:G: op-ed:J: op:N: opalescent:J: opaque:J: open-access:N: open-air:J: open-bank:J:
open-checkbook:N: open-collared:J: open-door:NJ: open-end:J: open-ended:J: open-face:J: open-handed:J: open-interest:J: open-market:JN: open-meeting:J:
open-minded:J: open-mouthed:J: open-necked:J: open-shelf:J: open-skies:J: open-top:J: open-work:J: open-year:J: open:JVNR:l opened:DE: openended:E:
opener:N:a openers:S: opening-day:N: opening-hour:J: opening:NGJ:x openings:S: openly:R: openness:N:u opens:P: openwork:N:x opera:N:w operable:J:
operagoer:N:p operagoers:S: operalet:N: operand:N:k operands:S: operas:S: operate:V: operated:EDJ: operates:P: operatic:J: operating-cost:J:
operating-room:N: operating-system:JN: operating:GJN: operation:N:s operational:J: operationally:R: operations:S:a operative:JN:p operatives:S:
operator-assisted:J: operator-services:S: operator:N:z operators:S: operatorship:N: operetta:N:w operina:N: ophthalmic:J: ophthalmologists:S:
opiates:S: opines:P: opining:G: opinion-makers:S: opinion:N:k opinionated:J: opinionmakers:S: opinions:S: opium:N:x opponent:N:p opponents:S:
opportune:J: opportuning:N: opportunism:N:u opportunist:N:p opportunistic:J: opportunists:S: opportunities:S: opportunity:N:s oppose:V: opposed:EJD:
opposes:P: opposing:GJ: opposite:JIN:w opposition-party:J: opposition:N:a oppposes:P: oppressed:JDE: oppresses:P: oppression:N:a oppressive:J:
oppressors:S: opprobrium:N:s opt:V: opted:DE: optic:J: optical-disk:J: optical-fiber:JN: optical-products:S: optical-scanning:J: optical-storage:J:
optical:J: optically:R: opticians:S: optics:S:k optimal:J: optimality:N: optimism:N:s optimist:N:p optimistic:J: optimistically:R: optimists:S:
optimization:N:a optimize:V: optimizing:G: optimum:JN:u opting:G: option-based:J: option-related:J: option:NV:m optional:J: optioned:E:
options-related:J: options-trading:J: options:S: opto-electronic:J: optronics:N: opts:P: opulence:N:s opulent:J: opus:N:w or:C: oracle:N:p oracles:S:
oral-care:J: oral:J: orally:R: orange-and-blue:J: orange-and-white:J: orange-flavored:J: orange-juice:N: orange:JN:f oranges:S: orate:V: oration:N:w
orations:S: orator:N:p oratorical:J: oratorio:N:w orators:S: oratory:N:w orb:N:x orbit:NV:l orbital:JN: orbited:D: orbiting:G: orbits:S: orchard:N:x
orchardists:S: orchards:S: orchestra:N:g orchestral:J: orchestras:S: orchestrate:V: orchestrated:DE: orchestrating:G: orchestration:N:w
orchestrations:S: orchid-strewn:J: orchid:N:b orchids:S: ordain:V: ordained:E: ordeal:N:a order-delivery:J: order-entry:JN: order-imbalance:N:
order-matching:S: order-processing:J: order-taker:N: order-taking:N: order-to-ship:J: order:NVI:w ordere:E: ordered:DEJ: ordering:GN:g orderings:S:
orderliness:N:u orderly:JNR:p orders-related:J: orders:SP: ordinance:N:w ordinances:S: ordinarily:R: ordinarius:N: ordinary:JN:p ordinate:N:k
ordinates:S: ordination:N:s ordnance:N:x ore:N:x oregon:N:l ores:S: organ-transplant:JN: organ:N:x organdy:N:x organic:J: organically:R: organics:S:
organification:N:s organised:D: organism:N:z organismic:J: organisms:S: organist:N:p organization-position:J: organization:N:g organizational:J:
organizationally:R: organizations:S: organize:V: organized-crime:N: organized:EDJ: organizer:N:p organizers:S: organizes:P: organizing:GN: organs:S:f
orgasm:N:a orgasms:S: orgiastic:J: orgies:S: orginally:R: orginate:V: orgone:N: orgy:N:a orient:N:l oriental:J: orientation:N:a orientations:S:
oriented-polypropylene:J: oriented:EDJ: orienting:G: orifice:N:x orifices:S: origin:N:l original-equipment:JN: original-instrument:J: original-issue:J:
original:JN:x originality:N:k originally:R: originals:S: originate:V: originated:DJEV: originates:P: originating:G: origination:N:a originations:S:
originator:N:p originators:S: origins:S: orinoco:N:x ornament:N:x ornamental:J: ornamentation:N:s ornamented:E: ornaments:SP: ornate:J: ornately:R:
ornery:J: orney:J: ornithological:J: ornithologist:N:p ornithology:N:k ornraier:R: orphan:JN:p orphanage:N:s orphaned:EJ: orphans:S: orthicon:N:x
orthodontic:J: orthodontics:S:k orthodontist:N:p orthodontists:S: orthodox:JN: orthodoxy:N:u orthographic:J: orthographies:S: orthography:N:w
orthopedic:J: orthopedics:S:k orthophosphate:N:x orthophosphates:S: orthorhombic:J: orzae:S: os:N:x oscillated:D: oscillating:G: oscillation:N:s
oscillator:N:x osf:I: osmium:N:x osmotic:J: osseous:J: ossification:N:s ossify:V: ostensible:J: ostensibly:R: ostentation:N:w ostentatious:J:
ostentatiously:R: osteoarthritis:N:s osteoporosis:N:s ostinato:N:w ostinatos:S: ostracism:N:s ostracized:E: ostrich:JN:p othe:J: other-directed:J:
other-nation:J: other:JN: others:S: otherwise:RJ: otherworldliness:N:u otherworldly:J: otter:N:x otters:S: oud:N: ought:M: oughta:MN: ould:J: ounce:N:q
ounces:SN: our:O: ours:OJ: ourselves:O: oust:V: ousted:EDJ: ouster:N:p ousting:G: out-and-out:J: out-compete:V: out-dated:J: out-group:N:
out-migrants:S: out-migration:N:a out-moded:J: out-of-alignment:N: out-of-bounds:J: out-of-court:J: out-of-date:J: out-of-door:N: out-of-doors:SN:l
out-of-favor:J: out-of-kilter:J: out-of-mind:J: out-of-pocket:J: out-of-repair:N: out-of-school:J: out-of-sight:J: out-of-state:J: out-of-staters:S:
out-of-step:J: out-of-synch:J: out-of-the-way:J: out-of-touch:J: out-of-town:J: out-plunging:J: out-reaching:J: out-smart:V: out-trade:V: out:IJNR:a
outage:N:q outages:S: outback:N:l outbid:VDE: outbidding:G: outboard:J: outboards:S: outbound:J: outbreak:N:a outbreaks:S: outburst:N:w outbursts:S:
outcast:N:p outcasts:S: outclass:V: outclassed:E: outcome:N:a outcomes:S: outcrops:S: outcry:N:w outcuss:P: outdated:JE: outdid:D: outdistanced:DE:
outdistancing:G: outdo:V: outdone:E: outdoor-maintenance:N: outdoor:J: outdoors:RN:l outdoorsman:N:p outdrew:D: outer-space:N: outer:J: outface:V:
outfield:N:x outfielder:N:p outfielders:S: outfit:NV:g outfits:NS: outfitted:DE: outfitting:G: outflank:V: outflow:N:a outflows:S: outfly:V:
outfought:N: outfox:V: outgained:D: outgeneraled:E: outgoing:JG: outgrew:D: outgrip:V: outgrow:V: outgrown:E: outgrowth:N:s outguess:V: outguessing:G:
outhouse:N:x outing:N:a outings:S: outlanders:S: outlandish:J: outlandishly:R: outlast:V: outlasted:D: outlaw:VN:p outlawed:EJD: outlawing:G:
outlawry:N:u outlaws:S: outlay:N:a outlays:S: outleaped:D: outlet:N:x outlets:S: outline:NV:l outlined:EDJ: outlines:SP: outlining:G: outlive:V:
outlived:ED: outlook:N:k outlooks:S: outlying:J: outmaneuver:V: outmaneuvered:E: outmatched:D: outmoded:JE: outnumber:V: outnumbered:DE: outpace:V:
outpaced:DNVE: outpaces:P: outpacing:G: outpatient:NJ:p outperform:VJ: outperformed:DE: outperforming:G: outperforms:P: outplacement:N: outplayed:D:
outpost:N:l outposts:S: outpouring:N:x output-axis:N: output-restricting:J: output:NV:x outputs:S: outputting:G: outrage:NV:s outraged:EJD:
outrageous:J: outrageously:R: outrages:S: outrank:V: outranks:P: outreach:N:a outrigger:N:x outriggers:S: outright:JR: outrun:VE: outs:S: outscored:D:
outscoring:G: outsell:V: outselling:G: outsells:P: outset:N:t outshine:V: outshines:P: outshone:N: outside:IJNR:l outsider:N:p outsiders:S: outsized:J:
outskirt:N:l outskirts:S:l outslugged:E: outsmarted:DE: outsold:D: outspend:V: outspends:P: outspoken:J: outspread:EJ: outstanding:J: outstandingly:R:
outstate:J: outstretched:E: outstrip:V: outstripped:NDE: outstripping:G: outstrips:P: outta:I: outward-looking:J: outward-projecting:J: outward:RJ:
outwardly:R: outweigh:V: outweighed:DE: outweighs:P: outwit:V: outworn:J: ova:N: oval:JN:u ovals:S: ovarian:J: ovata:N: ovation:N:w oven:N:x ovens:S:
over-achievement:N: over-achievers:S: over-all:J: over-allotment:JN: over-allotments:S: over-ambition:N: over-arching:J: over-arranged:J: over-broad:J:
over-capacity:N: over-committed:J: over-corrected:D: over-emphasize:J: over-emphasized:EJ: over-hand:J: over-hired:D: over-land:J: over-large:J:
over-leveraged:J: over-magazined:E: over-night:J: over-occupied:J: over-optimistic:J: over-populated:J: over-pretended:J: over-price:V: over-produce:V:
over-regulation:N: over-rewarding:J: over-simple:J: over-simplification:N: over-spent:J: over-stitched:J: over-stored:J: over-stress:V:
over-subscribed:J: over-the-air:J: over-the-counter:JNR: over-the-road:J: over:IRJ: overachievement:N:a overachiever:N:p overactive:J: overage:J:
overaggressive:J: overall:JNR:x overallotments:S: overalls:S: overambition:N: overarching:GJ: overarming:G: overbearing:J: overbid:DV: overbilled:D:
overbilling:G: overbillings:S: overblown:J: overboard:R: overborrowing:G: overbought:EJN: overbreadth:N: overbroad:J: overbuilding:N: overbuilt:JN:
overburden:V: overburdened:EJD: overcame:D: overcapacity:N: overcast:NJ:s overcerebral:J: overcharge:N:m overcharged:ED: overcharges:S: overcharging:G:
overcoat:N:x overcoats:S: overcollateralized:E: overcollected:J: overcollection:N: overcome:VE: overcomes:P: overcoming:G: overcommitted:E:
overconfident:J: overcooked:E: overcooks:P: overcooled:J: overcrowded:JE: overcrowding:NJ: overcurious:J: overdependence:N: overdeveloped:JN:
overdoing:G: overdone:E: overdose:N: overdosed:E: overdoses:S: overdosing:G: overdraft:N:m overdraw:V: overdrawn:J: overdressed:J: overdrive:N:s
overdriving:G: overdue:J: overeager:J: overeat:V: overeating:NG:a overemphasis:N:u overemphasize:V: overemphasized:E: overenforced:E: overestimate:V:
overestimated:DE: overestimates:P: overestimation:N:w overexcited:E: overexercised:E: overexpansion:N: overexploitation:N:a overexploited:J:
overexpose:V: overextend:V: overextended:EDJ: overfeed:V: overfill:V: overflights:S: overflow:N:a overflowed:D: overflowing:G: overflows:S:
overfunded:E: overfunding:N: overgeneralization:N: overgenerous:J: overgrazing:N: overgrown:EJ: overhand:JN: overhang:N:x overhanging:G: overhangs:S:
overharvesting:N: overhaul:NV:a overhauled:ED: overhauling:GN: overhauls:SP: overhead:JNR:m overhear:V: overheard:ED: overhearing:G: overhears:P:
overheat:V: overheated:E: overheating:GJN:s overhyped:J: overinclusion:N: overindebtedness:N: overindulged:D: overinsistent:J: overinvested:E:
overjoyed:J: overkill:N:u overlaid:E: overland:R: overlap:NV:k overlapped:ED: overlapping:GJN:x overlaps:P: overlay:NV:x overlays:P: overleveraged:J:
overleveraging:G: overload:NV:x overloaded:EJ: overlong:J: overlook:V: overlooked:ED: overlooking:G: overlooks:P: overloud:J: overly:R: overlying:J:
overmedicated:E: overnight:JNR: overnighter:N:p overnighters:S: overpaid:EDJ: overpass:N:x overpay:V: overpaying:G: overpayment:N:m overpayments:S:
overplanted:E: overplayed:DE: overpopulated:E: overpopulation:N:g overpower:V: overpowered:ED: overpowering:J: overpowers:P: overpressure:N:s
overpriced:EJ: overproduce:V: overproducers:S: overproduction:N:a overprotected:E: overprotection:N:a overprotective:J: overpurchase:V: overran:D:
overrated:E: overreach:V: overreached:D: overreaches:P: overreact:V: overreacted:E: overreacting:G: overreaction:N:a overregulated:JE:
overregulation:N: overrendered:E: overridden:E: override:VN:x overrides:P: overriding:GJ: overrode:D: overrule:V: overruled:DE: overrules:P:
overruling:G: overrun:EJN:a overruns:S: oversaturating:G: oversaw:DV: overseas:JNR: oversee:V: overseeing:G: overseen:EN: overseer:N:p overseers:S:
oversees:P: overshadow:V: overshadowed:ED: overshadowing:G: overshadows:P: overshoe:N:x overshoes:S: overshoots:P: overshot:D: oversight:N:k
oversimplification:N:a oversimplified:EJ: oversize:J: oversized:JE: oversoft:JN: oversoftness:N: oversold:EJV: overspending:NG: overstaff:V:
overstaffed:J: overstate:V: overstated:ED: overstatement:N:w overstates:P: overstating:G: overstaying:G: overstepping:G: overstored:J: overstrained:E:
overstraining:N: overstretch:V: oversubscribed:EJ: oversupplied:JE: oversupply:N:u overt:J: overtake:V: overtaken:E: overtakin:G: overtaking:G:
overtaxed:JE: overthrow:VN:a overthrowing:G: overthrown:E: overtime:NJR:t overtly:R: overtone:N:w overtones:S: overtook:D: overture:N:w overtures:S:
overturn:V: overturned:ED: overturning:G: overturns:P: overuse:N:a overused:EJ: overvalued:EDJ: overvaulting:J: overview:N:w overweening:J:
overweight:JN:u overweighted:E: overwhelm:V: overwhelmed:EDJ: overwhelming:JG: overwhelmingly:R: overworked:EJ: overworking:G: overwritten:J:
overwrought:J: overzealous:J: overzealousness:N: oviform:J: ovulation:N:s owe:V: owed:ED: owes:P: owing:JG: owl-shaped:J: owl:N:n owls:S: own:JEV:
owne:J: owned:EDJ: owner-bred:J: owner:N:p owners:S: ownership:N:m ownerships:S: owning:GN: owns:P: ownself:O: ox:N:n oxalate:N:x oxaloacetic:J:
oxcart:N:x oxen:S:n oxford:N:l oxidation:N:s oxide:N:x oxides:S: oxidised:E: oxidized:J: oxidizer:N:x oxygen:N:x oxygens:S: oxyhydroxides:S:
oxytetracycline:N:x oyabun:N:p oystchers:S: oyster:N:n oysters:S: oz:N: ozone-cancer:J: ozone-damaging:J: ozone-depleting:J: ozone-destroying:J:
ozone-exposed:J: ozone-forming:J: ozone-safe:J: ozone:N:x ozonedepletion:N: p-aminobenzoic:J: p:N:x pa:N:p pace-setter:N: pace:NV:t paced:DE:
pacemaker:N:k pacemakers:S: pacer:N:n pacers:S: paces:S: pachinko:N:a pacific:J: pacification:N:a pacified:D: pacifier:N:p pacifies:P: pacifism:N:k
pacifist:N:p pacifistic:J: pacify:V: pacing:GJN:t pack:NV:q package-delivery:J: package-design:N: package-holiday:J: package-sort:J: package-sorting:N:
package-tracing:N: package:NV:g packaged-goods:SJ: packaged:EJ: packages:SP: packaging:NG:a packed:EJD: packers:S: packet:N:g packets:S: packing:GN:x
packinghouse:N:x packs:SP: pact:N:w pacts:S: pad:NV:x padded:JE: paddies:S: padding:NG:x paddle:N:x paddleball:N: paddles:S: paddock:N:x padlock:N:x
padlocked:D: pads:S: paean:N:w paeans:S: pagan:J: paganism:N:k page-composition:N: page-long:J: page-one:JN: page:NV:w pageant:N:a pageantry:N:a
pageants:S: pager:N:x pagers:S: pages:S: paginated:E: paging:N:w pagoda:N:x pagodas:S: paid-for:I: paid-in:J: paid-up:J: paid:EDJ: paide:E: paie:V:
pail:N:x pails:S: pain-bringing:J: pain-relief:N: pain:N:s pained:JDE: painful:J: painfully:R: painkiller:N:x painkillers:S: painless:J: painlessly:R:
pains-taking:J: pains:S:a painstaking:J: painstakingly:R: paint-recycling:J: paint:NV:x paintbrush:N:x painted-in:N: painted:EDJ: painter:N:p
painteresque:J: painters:S: painting:NG:x paintings:S: paints:SP: pair:NV:g paired:EJD: pairing:NG:a pairings:S: pairs:S: pajama-clad:J: pajama:N:x
pajamas:S: pakistan:N:l pal:NJ:p palace:N:x palaces:S: palamedes:N: palatability:N:u palatable:J: palate:N:x palates:S: palatial:J: palazzi:SN:
palazzo:N: palazzos:S: pale-blue:J: pale:JVN:x paled:DVE: palely:R: paleness:N:u paleo:N: paleocortex:N:x paleocortical:J: paleoexplosion:N:
paleontologically:R: paleontologists:S: palermo:N:l pales:PS: palest:J: palestine:N:l palette:N:u palindromes:S: paling:G: palisades:S: pall:NV:s
palladium:N:x pallet:N:u palletized:E: pallets:S: palliative:J: pallid:J: pallor:N:u palm-fringed:J: palm-lined:J: palm-studded:J: palm-tree:N:
palm:NV:x palmed:D: palms:S: palmtop:N: palmtops:S: palpable:J: palpably:R: palpitations:S: pals:S: palsy:N:s paltry:J: pampas:S:l pamper:V:
pampered:J: pampering:G: pampers:P: pamphlet:N:w pamphleteer:N:p pamphlets:S: pan-national:J: pan-nationalism:N: pan-tribal:J: pan:NV:x panacea:N:p
panaceas:S: panache:N:u panama:N:l pancake:N:f pancakes:S: pancreas:N:x pancreatitis:N:s pandanus:N:b pandemic:N:a pandemonium:N:s pander:N:p
pandering:G: panders:S: pane:N:x panel:N:x panelboard:N: paneled:J: paneling:N:x panelists:S: panelization:N: panelized:E: panels:S: panes:S: pang:N:s
pangs:S: panhandle:N:l panhandler:N:p panic-driven:J: panic-stricken:J: panic:NV:s panicked:DEJ: panicking:G: panicky:J: panics:S: panjandrum:N:p
panjandrums:S: panky:N: panned:ED: panning:G: panoply:N:g panorama:N:k panoramas:S: panoramic:J: pans:SP: pansies:S: pansy:N:b pant-legs:S: pant:N:a
pantaloons:S: panted:D: pantheist:N:p pantheon:N:g panther:N:n panthers:S: panties:S: panting:GJN:a pantomime:NV:a pantomimed:D: pantomimic:J:
pantry:N:x pants-legs:N: pants:SN:x pany:N: panzers:S: paot:N: pap:N:w papa:N:p papal:J: paper-and-crayon:J: paper-clip:N: paper-company:JN:
paper-goods:S: paper-littered:J: paper-making:J: paper-manufacturing:J: paper-products:SJ: paper-pushing:J: paper-shuffling:N: paper-work:N: paper:NV:x
paperback:NJ:x paperbacks:S: paperboard:N:x paperboy:N:p paperclip:N:x papering:G: paperless:J: papers:S:w paperwads:S: paperwork:N:a papery:J:
papier-mache:N:x papillary:J: paprika:N:b papyrus:N:x par:NIJ:q parable:N:w parables:S: parachute:NV:x parachutes:S: parachuting:G: parade:NV:g
paraded:ED: parades:SP: paradigm:N:z paradigmatic:J: paradigms:S: parading:G: paradise:N:l paradises:S: paradox:N:w paradoxical:J: paradoxically:R:
paragon:N:k paragraph:N:w paragraphing:N: paragraphs:S: parakeet:N:n parakeets:S: paralanguage:N:w paralegal:N:p paralegals:S: paralinguistic:J:
parallel-computing:J: parallel:JRVN:u paralleled:E: paralleling:G: parallelism:N:u parallels:SP: paralysis:N:s paralyze:V: paralyzed:EJ: paralyzes:P:
paralyzing:GJ: paramagnet:N:x paramagnetic:J: parameter:N:k parameters:S: parametric:J: paramilitary:J: paramount:J: paranoia:N:s paranoiac:N:p
paranoid:J: paranormal:J: paraoxon:N: parapet:N:x parapets:S: paraphernalia:SN:x paraphrase:NV:w paraphrases:SP: paraphrasing:G: parapsychology:N:w
paraquat:N:x parasite:N:n parasites:S: parasitic:J: parasol:N:x parasols:S: parastatals:S: parasympathetic:J: paratroopers:S: paratroops:S:g
paraxial:J: parboiled:D: parcel:NVJ:x parceled:E: parceling:N:a parcels:S: parched:EDJ: parchment:N:x pardner:N:p pardon:VN:a pardonable:J:
pardoned:ED: pardons:S: pare:V: pared-down:J: pared:ED: paredon:N: parenchyma:N:x parent-child:J: parent-company:JN: parent-teacher:J: parent:NJ:p
parentage:N:s parental-consent:J: parental-leave:J: parental:J: parentheses:S: parenthesis:N:w parenthetically:R: parenthood:N:s parenting:N:
parents:S: pari-mutuel:J: pariah:N:p pariahs:S: parimutuel:N:a parimutuels:S: paring:G: parings:S: paris:N:l parish:N:g parishes:S: parishioner:N:p
parishioners:S: parisology:N:w parities:S: parity:N:s park:NV:l parked:EJD: parking:NJG:q parkish:J: parklike:J: parks:S:p parkway:N:x parlance:N:w
parlayed:D: parley:NV:w parliament:N:g parliamentarian:N:p parliamentarians:S: parliamentary:J: parliaments:S: parlor:N:x parlors:S: parochial:J:
parodied:D: parodies:S: parody:NV:w parole:NJ:w parolees:S: paroxysm:N:s paroxysmal:J: parquet:N:x parried:D: parrot-like:J: parrot:N:n parroting:G:
parrots:S: parry:V: pars:S: parses:P: parsimonious:J: parsimony:N:u parsing:GN: parsley:N:b parson:N:p parsonage:N:x parsympathetic:J: part-owner:N:p
part-time:JR: part-timers:S: part:NJRV:z partake:V: partaker:V: partakes:P: partaking:G: parte:N: parted:DEJ: parthenon:N:x partial:JN:k partially:R:
participant:N:p participants:S: participate:V: participated:DE: participates:P: participating:GJ: participation:N:a participations:S: participative:J:
participatory:J: particle-board:N: particle:N:x particles:S: particular:JNR:k particularistic-seeming:J: particularistic:J: particularity:N:u
particularly:R: particulars:S: particulate:J: particulates:S: parties:SP: parting:NG:a partings:S: partisan:JN:p partisans:S: partisanship:N:k
partition:N:x partitioned:E: partly:R: partner-in-charge:N: partner-notification:N: partner:N:p partnered:E: partners:S: partnership:N:g
partnerships:S: partook:V: parts-engineering:J: parts-suppliers:S: parts:S:l party-giving:N: party-line:JN: party:N:g partying:G: parvenus:S: pasha:N:p
pashas:S: paso:N: pass-through:J: pass:VN:a passable:J: passably:R: passage:N:a passages:S: passageway:N:x passbook:N:m passbooks:S: passe:J:
passed:ED: passel:N:q passenger-car:N: passenger-kilometers:S: passenger-loading:J: passenger-mile:N: passenger-miles:S: passenger-reservation:N:
passenger-restraint:N: passenger-tire:J: passenger-transportation:J: passenger:NJ:p passengers:S: passer-by:N:p passerby:N:p passers-by:S: passes:PS:
passing:GJN:a passion:N:s passionate:J: passionately:R: passions:S: passive-loss:J: passive:JN:z passively:R: passiveness:N:u passivity:N:u
passport:N:w passports:S: passthrough:J: passwords:S: past-due:J: past-fantasy:J: past-oriented:J: past:JEINR:t pasta:N:f pastdue:J: paste:NV:x
pasted-in:J: pasted:ED: pastel-like:J: pastel:JN:u pastels:S: pastes:S: pasteurization:N:a pasteurized:E: pastilles:S: pastime:N:a pastimes:S:
pasting:GN: pastness:N:u pastor:N:p pastoral:J: pastoris:N: pastors:S: pastrami:S:f pastries:S: pastry-lined:J: pastry:N:f pasture:NJV:l pastures:S:
pasty:JN:f pat:JNV:a patch:NV:u patched:EJ: patches:S: patchwork:NJ:k pate:N:f patent-infringement:N: patent-law:N: patent-sharing:J: patent:NJ:w
patented:EDJ: patenting:N: patently:R: patents:S: pater:N:p paternal:J: paternalism:NJ:k paternalist:J: paternalistic:J: paternally:R: paternity:N:s
paterollers:S: path:N:a pathetic:J: pathfinder:N:p pathless:J: pathlogy:N: pathogenesis:N:s pathogenic:J: pathologic:J: pathological:J:
pathologically:R: pathologist:N:p pathology:N:k pathos:N:u paths:S: pathway:N:x pathways:S: patience:N:u patient-advocacy:N: patient-care:J:
patient-interview:J: patient-physician:J: patient:NJ:p patienthood:N: patiently:R: patients:S: patina:N:x patinas:S: patio:N:x patisseries:S:
patriarch:N:p patriarchal:J: patriarchate:N:l patriarchy:N:g patrician:JN:p patrimony:N:m patriot:N:p patriotic:JN: patriotism:N:u patriots:S:
patristic:J: patrol:NV:g patrolled:ED: patroller:N:p patrolling:GN: patrolman:N:p patrolmen:S: patrols:S: patron:N:p patronage-free:J: patronage:N:a
patroness:N:p patronize:V: patronized:ED: patronizing:GJ: patronne:N:p patrons:S: pats:S: patsies:S: patsy:N:p patted:D: patter:N:w pattered:D:
pattern:N:k patterned:EJ: patterns:S: patties:S: patting:G: patty-cake:J: paucity:N:u paunch:N:x paunchy:J: pauper:N:p pause:NV:t paused:DE: pauses:PS:
pausing:G: pavane:N:w pave:V: paved:JDE: pavement-performance:N: pavement:N:x pavements:S: paves:P: pavilion:N:x pavilions:S: paving-equipment:N:
paving:G: paw:NV:n pawed:E: pawing:G: pawn:NV:m pawning:G: pawns:S: pawnshop:N:x paws:S: pax-ordo:N: paxam:N: pay-and-benefit:J: pay-as-you-go:J:
pay-back:J: pay-cable:JN: pay-down:J: pay-for-performance:J: pay-hike:J: pay-in-kind:JN: pay-later:J: pay-movie:J: pay-out:N: pay-per-view:J:
pay-television:N: pay:VDN:m payable:J: payables:S:m payback:N:m paycheck:N:m paychecks:S: payday:N:t paydirt:N: paydown:N: payer:N:p payers:S:
paying:GJ: payloads:S: paymaster:N:p payment-in-kind:J: payment-system:N: payment:N:m payments:S: payoff:N:m payoffif:N: payoffs:S: payola:N:m
payout-bylaws:S: payout:N: payouts:S: payroll-paring:J: payroll-reduction:N: payroll-tax:N: payroll:N:m payrolls:S: pays:P: pbs:N:x pea-green:J:
pea:N:f peace-keeping:NJ: peace-loving:J: peace-treaty:N: peace:N:s peaceable:J: peaceful:J: peacefully:R: peacekeeping:J: peacemaker:N:p
peacemakers:S: peacemaking:NJ: peacetime:N:t peach:N:b peaches:S: peacock:N:n peacocks:S: peak:NVJ:q peaked:DJE: peaking:GN: peaks:SP: peaky:J:
peal:N:a pealing:G: peals:S: peanut-butter:N: peanut:NJ:b peanuts:S:m pear-shaped:J: pear:N:f pearl-gray:J: pearl-handled:J: pearl:N:m pearls:S:
pearly:J: pears:S: peas:S: peasant:NJ:p peasanthood:N:a peasants:S: pebble:N:x pebbles:S: pecan:N:b pecans:S: peccadilloes:S: peck:VN:q pecked:D:
pecks:S: pecs:S:x pectoral-front:J: pectoral-ribcage:N: pectoral:N:x pectoralis:N:x pectorals:S: peculiar:JN: peculiarities:S: peculiarity:N:k
peculiarly:R: pecuniary:J: pedagogical:J: pedagogue:N:p pedal:VN:w pedaled:E: pedaling:G: pedals:SP: pedantic:J: peddle:V: peddled:E: peddler:N:p
peddlers:S: peddles:P: peddling:GJN:a pedestal:N:x pedestals:S: pedestrian:JN:p pedestrians:S: pediatric:J: pediatrician:N:p pediatrics:N:k
pedigree:N:g pedigreed:E: pedimented:E: pee-wee:J: peed:E: peek:N:a peeked:D: peeking:G: peel-off:J: peel:V: peelback:J: peeled:ED: peeling:GN:s
peels:P: peep:N:a peeping:G: peer-group:J: peer:NVJ:p peered:DE: peering:G: peerless:J: peers:SP: peeved:E: peeves:SP: peg:VN:x pegboard:N:x
pegboards:S: pegged-down:J: pegged:EDJ: peggin:N: pegging:G: pegs:SP: pejorative:J: pell-mell:N: pellagra:N:s pellets:S: pelting:JG: peltry:N: pelts:S:
pelvic:JN: pelvis:N:x pemmican:N:f pen-and-ink:J: pen-and-pencil:J: pen:NV:x penal:J: penalize:V: penalized:ED: penalizes:P: penalizing:G: penalties:S:
penalty-free:J: penalty-lending:J: penalty:N:a penance:N:s pence:NS: penchant:N:s pencil-and-sepia:J: pencil-pusher:N: pencil:N:x penciled:E:
pencils:SP: pendant:N:x pending:GJ: pendulum:N:x penetrate:V: penetrated:ED: penetrates:P: penetrating:JG: penetration:N:a penetrations:S:
penicillin:N:x peninsula:N:x penises:S: penitentiary:N:x penknife:N:x penman:N:p pennant:N:w pennants:S: penned:ED: pennies:S: penniless:J: penning:G:
pennsylvania:N:l penny-ante:J: penny-brokerage:J: penny-pinching:J: penny-stock:JN: penny-stockbroker:N: penny-stocks:N: penny-wise:J: penny:N:q
pennystock:N: pens:S: pension-fund:NJ: pension-industry:JN: pension-insurance:J: pension-minded:J: pension-plan:N: pension-tax:NJ: pension:N:m
pensioner:N:p pensioners:S: pensions:S: pent-up:J: pentagon:N:x pentameter:N:w pentamidine:N: penthouse:N:x penultimate:J: penurious:J: penury:N:s
penutian:N:w peonies:S: peony:N:b people-oriented:J: people:SN:g peopled:E: peoples:S:g pep:NV:u pepper-coated:J: pepper:NV:b peppered:DEJ:
peppering:G: peppermint:N:b peppermints:S: pepperoni:S:f peppers:S: peppery:J: pepping:G: peppy:J: peptidase:N:x peptidases:S: peptide:N:x peptides:S:
peptizing:G: per-ad:J: per-capita:JS: per-day:J: per-game:J: per-passenger:N: per-pupil:J: per-sale:J: per-share:JN: per-store:J: per-subscriber:N:
per-ton:J: per-year:J: per:IR: perceive:V: perceived:EDJ: perceives:P: perceiving:G: percent:N:z percentage-point:J: percentage:N:z percentages:S:
percenter:N: perceptible:J: perception:N:k perceptions:S: perceptive:J: perceptiveness:N:s perceptual:J: perch:NV:x perchance:R: perched:ED:
perchlorate:N:x percolator:N:x percussion:N:a percussionist:N:p percussive:J: peremptory:J: perennial:J: perennially:R: perennials:S: perestroika:N:w
perestrokia:N: perfect-attendance:N: perfect:J: perfectability:N: perfected:E: perfectibility:N:k perfecting:G: perfection:N:s perfectionism:N:u
perfectionist:N:p perfectionists:S: perfectly:R: perfidious:J: perfidy:N:u perforated:J: perforation:N:x perforations:S: perforce:R: perform:V:
performance-based:J: performance-capacity:N: performance-oriented:J: performance-related:J: performance-sharing:J: performance:N:w performances:S:
performed:ED: performer:NJ:p performers:S: performing-arts:S: performing:GJN:a performs:P: perfume:N:k perfumed:JE: perfumery:N:x perfumes:S:
perfunctorily:R: perfunctory:J: perfuses:P: perfusion:N:a perhaps-decisive:J: perhaps:R: peridontal:J: peril:N:s perilla:N:b perilous:J: perilously:R:
perils:S: perimeter:N:u perinatally:R: period:N:t periodic:J: periodical:N:w periodically:R: periodicals:S: periodicity:N:u periodontal:J: periods:S:
peripheral:J: peripherally:R: peripherals:S: periphery:N:u periphrastic:J: periscopes:S: perish:V: perishable:J: perishables:S: perished:DE:
perishes:P: perishing:G: peritoneal:J: periwinkle:N:b periwinkles:S: perjury:N:a perk:JV: perked:DE: perking:G: perks:S: perky:J: permanant:J:
permanence:N:u permanent-insurance:J: permanent-looking:J: permanent:J: permanently:R: permeable:J: permeate:V: permeated:ED: permeates:P:
permeating:G: permian:N:t permissibility:N:u permissible:JN: permission:N:w permissive:J: permit:VN:w permits:PS: permitted:EJD: permitting:G:
pernicious:J: peroxide:N:x perpendicular:J: perpendicularly:R: perpetrate:V: perpetrated:ED: perpetration:N:a perpetrator:N:p perpetrators:S:
perpetual:J: perpetually:R: perpetuate:V: perpetuated:E: perpetuates:P: perpetuating:G: perpetuation:N:a perpetuity:N:u perplex:V: perplexed:JE:
perplexing:J: perplexity:N:k perquisites:S: persecute:V: persecuted:E: persecuting:G: persecution:N:a persecutors:S: persecutory:J: perseverance:N:u
persevere:V: persevered:D: perseveres:P: pershare:J: persiflage:N:w persimmons:S: persist:V: persisted:DE: persistence:NJ:u persistency:N:u
persistent:JN: persistently:R: persisting:GJ: persists:P: person-to-person:J: person:N:z persona:N:k personae:S: personage:N:p personages:S:
personal-care:JN: personal-computer:NJ: personal-income-tax:J: personal-income:J: personal-injury:JN: personal-property:N: personal-spending:N:
personal:JN:w personalities:S: personality:N:u personalize:V: personalized:EJ: personally-owned:J: personally:R: personification:N:p personified:ED:
personifies:P: personifying:G: personnel:SJN:g persons:S: perspective:NJ:k perspectives:S: perspiration:N:x perspired:D: perspiring:J: persuade:V:
persuaded:ED: persuaders:S: persuades:P: persuading:GN: persuasion:N:w persuasions:S: persuasive:J: persuasively:R: persuasiveness:N:u pert:J:
pertain:V: pertained:V: pertaining:G: pertains:P: pertinence:N:z pertinent:J: perturbation:N:s perturbations:S: perturbed:JDE: pertussis:N:s peru:N:l
perusal:N:w peruse:V: perusing:G: pervade:V: pervaded:DE: pervades:P: pervading:G: pervaporation:N:a pervasive:J: pervasively:R: pervasiveness:N:u
perverse:J: perversely:R: perversion:N:u perversions:S: perversities:S: pervert:N:p perverted:EJD: pesatas:S: peseta:N:q pesetas:S: peso:N:q pesos:S:
pessimism:N:s pessimist:N:p pessimistic:J: pessimists:S: pest-control:J: pest:NJ:s pester:V: pestering:G: pesticide-free:J: pesticide-reform:N:
pesticide:N:x pesticides:S: pestilence:N:s pestilent:J: pests:S: pet-rabbit-raising:J: pet:NVJ:n petal:N:b petals:S: peter:V: petered:E: petite:J:
petition:NV:w petitioned:DE: petitioner:N:p petitions:SP: petits:J: petrified:JE: petro-dollar:J: petrochemical:NJ:x petrochemicals:S:
petroleum-exploration:J: petroleum-products:S: petroleum-related:J: petroleum:N:x petroleumproducts:S: pets:S: petted:E: pettiness:N:k pettinesses:S:
petting:N:a petty:J: petulance:N:s petulant:J: pew:N:x pews:S: pewter:N:x peyote:N:b pfennig:N:q pfennigs:S: pfffted:D: ph:N:u phagocyte:N:x
phagocytes:S: phalanx:N:x phantasy:N:k phantom:JVN:p pharamaceuticals:S: pharaohs:S: pharmaceutical:JN:x pharmaceuticals:S: pharmacies:S:
pharmacist:N:p pharmacists:S: pharmacological:J: pharmacology:N:k pharmacuetical:J: pharmacy:N:k phase-in:N: phase-one:J: phase-out:NJ:a phase-two:J:
phase:NV:t phased:ED: phases:SP: phasing-out:N: phasing:G: pheasant:N:n pheasants:S: phenolic:NJ:x phenomena:S: phenomenal:J: phenomenally:R:
phenomenological:J: phenomenon:N:z phenonenon:N: phenothiazine:N:x philadelphia:N:l philandering:G: philanthropic:J: philanthropies:S:
philanthropist:N:p philanthropists:S: philanthropy:N:a philantrophy:N: philantropists:S: philharmonic:N:g philippic:N:w philippines:N:l
philodendron:N:b philological:J: philologists:S: philology:N:k philosopher:N:p philosophers:S: philosophic:J: philosophical:J: philosophically:R:
philosophies:S: philosophized:D: philosophizing:GN:w philosophy:N:k phis:S: phlegm:N:s phloem:N:b phobia:N:s phobias:S: phobic-like:J: phoenix:N:l
phone-company:N: phone:NV:x phonebook:N:w phoned:DE: phoneme:N:w phonemes:S: phonemic:J: phonemics:S:k phones:SP: phonetic:J: phonetics:S:k phoney:J:
phonic:J: phonies:S: phoning:G: phonograph:N:x phonographs:S: phonologic:J: phonology:N:k phony:JN:p phosgene:N:x phosphate-buffered:N: phosphate:N:x
phosphates:S: phosphide:N: phosphine:N:x phosphines:S: phosphor-screen:N: phosphor:N:x phosphorescent:J: phosphorous:J: phosphors:S:
phosphorus-bridged:J: phosphorus:N:x photo-montage:J: photo-offset:J: photo:NJ:x photocathode:N:x photocathodes:S: photochemical:J: photocopiers:S:
photocopy:V: photocopying:GN: photoelectronic:J: photoelectrons:S: photofinishers:S: photofinishing:N: photofloodlights:S: photogenic:J:
photograph:NV:x photographed:ED: photographer:N:p photographers:S: photographic-paper:N: photographic-products:J: photographic:J: photographically:R:
photographing:GN: photographs:SP: photography:N:a photojournalism:N:w photoluminescence:N: photomicrograph:N:x photomicrography:N: photomontage:N:x
photon-counting:J: photon:N:x photorealism:N: photos:S: photosensitive:J: photosynthesis:N:s phrase:N:w phrased:ED: phrasemaking:N: phraseology:N:w
phrases:S: phrasing:N:a phrasings:S: phthalate:N: phyla:N: phylum:N:g physical-chemical:J: physical:JN: physically:R: physicalness:N:u physicals:S:
physician-executive:J: physician-owned:J: physician-patient:J: physician-reimbursement:J: physician:N:p physicians:S: physicist:N:p physicists:S:
physics:NS:k physiochemical:J: physiognomy:N:x physiologic:J: physiological:J: physiology:N:k physiotherapist:N:p physique:N:u pi:N:q pianism:N:w
pianissimos:S: pianist-comedian:N: pianist:N:p pianistic:J: pianists:S: piano:N:x pianos:S: piasters:S: piazza:N:l piazzas:S: picasso:N:p picayune:J:
pick-up:JN: pick:VN:k pickaxe:N:x picked:DVE: picker:N:p pickers:S: picket:N:p picketed:DE: picketers:S: picketing:NG: pickets:S: pickier:J:
pickiest:J: picking:GN:q pickings:SN:a pickins:S: pickle:N:f pickled:J: pickles:S: pickoff:N: pickoffs:S: pickpocket:N:p picks:PS: pickup-bed:N:
pickup:NJ:x pickups:S: picky:J: picnic:N:t picnicked:D: picnickers:S: picnics:S: pico:N: picocassette:N: pictorial:J: pictorially:R: picture-images:S:
picture-palace:N: picture-postcard:N: picture-taking:N: picture-tube:J: picture:NV:x pictured:ED: pictures:SP: picturesque:JN: picturesquely:R:
picturing:GN:k piddling:J: pidgin:NJ:w pie-in-the-sky:JN: pie:NR:f piece-by-piece:J: piece:NV:x pieced:E: piecemeal:RN: pieces:S: piecewise:R:
piedmont:N:l pier-table:N: pier:N:x pierce:V: pierced:ED: piercing:GJ: piers:S: pies:S: piety:N:u piezoelectric:J: piezoelectricity:N:s pig-drunk:J:
pig-infested:J: pig:N:n pigen:N: pigeon-holed:J: pigeon:N:n pigeonhole:N:k pigeonholing:N:k pigeons:S: piggyback:NV:a piggybacking:G: piglet:N:n
piglets:S: pigment:N:x pigmented:E: pigments:S: pigpens:S: pigs:SP: pigskin:N:x pigsty:N:x pike:N:x piker:N: pile:NV:g piled:DEJ: piles:SNP:s
pileup:N:a pileups:S: pilferers:S: pilfering:G: pilgrim:N:p pilgrimage:N:a pilgrimages:S: pilgrims:S: piling:GN:x pilings:S: pill-factory:J: pill:N:x
pillage:VN:m pillaged:D: pillar:N:k pillared:JE: pillars:S: pilloried:ED: pillorying:G: pillow:N:x pillowcases:S: pillows:S: pills:S:
pilot-dominated:J: pilot-management:J: pilot-seniority:N: pilot-training:JN: pilot-union:J: pilot:NJV:p piloting:NG:a pilots:S: pimp:N:p pimple:N:s
pimpled:J: pimples:S: pimplike:J: pimps:S: pin-curl:J: pin-point:J: pin-pointed:E: pin:NV:x pinafore:N:x pinafores:S: pinball-parlor:N: pinball:N:a
pinch-hit:V: pinch-hitter:N: pinch-hitters:S: pinch:NV:s pinched:EDJ: pinches:S: pinching:GN: pine-knot:J: pine:NV:b pineapple:N:b pinecone:N:b
pines:S: ping-pong:N:a ping:NV:x pinging:G: pinhead:N:p pinheaded:J: pinholes:S: pinioned:E: pink-cheeked:J: pink-petticoated:J: pink-sheet:J:
pink:JN:u pinkish-white:J: pinkly:R: pinks:S: pinnacle:N:x pinnacles:S: pinned:ED: pinning:GN:w pinnings:S: pinochle:N:a pinpoint:VN:t pinpointed:EJD:
pinpointing:G: pinpoints:S: pins:SP: pinstripe-suited:J: pint-sized:J: pint:N:q pinto:N:n pints:S: pioneer:NV:p pioneered:DE: pioneering:GJ:
pioneers:S: pious:J: piously:R: pip:UN:s pipe:N:x piped:DE: pipedreams:S: pipeline:N:w pipelines:S: piper:N:p pipers:S: pipes:S: piping:N:x
pipsqueak:N: piquant:J: pique:JNV:x piqued:E: piracy:N:a piranha:NS:p pirate:N:p pirated:E: pirates:S: piroghi:S: pirogue:N:x pirogues:S: pirouette:N:a
pisces:N:l piss:V: pistachio:J: pistils:S: pistol-packing:J: pistol-whipped:D: pistol:N:x pistoleer:N:p pistoleers:S: pistols:S: piston-brake:N:
piston:N:p pistons:S: pit-run:J: pit:NV:x pitch:NJV:u pitched:DJE: pitcher-coach:N: pitcher:N:p pitchers:S: pitches:SP: pitchfork:N:x pitching:GN:a
pitchmen:S: piteous:J: pitfall:N:k pitfalls:S: pith:N:b pithiest:J: pithy:J: pitiable:J: pitied:DE: pitiful:J: pitifully:R: pitiless:J: pitilessly:R:
pitons:S: pits:SP: pittance:N:m pitted:ED: pitting:G: pittsburgh:N:l pituitary-gland:N: pituitary:JN:x pity:NV:s pityingly:R: pivot:JNV:p pivotal:J:
pivoting:G: pixie-like:J: pixie:N:p pixies:S: pizazz:N: pizza-eating:J: pizza:N:f pizzas-with-everything:S: pizzas:S: pizzazz:N:u pizzeria:N:x
pizzerias:S: pizzicato:N:w placard-carrying:J: placard:N:w placards:S: placate:V: placated:E: placating:G: place-kicker:N:p place-kicking:N:a
place-name:J: place-names:NS: place:NVR:l placebo:N:x placed:ED: placeless:J: placement:N:u placements:S: places:SP: placid:J: placing:GN:
plagiarism:N:w plagiarize:V: plagiarized:E: plagiarizers:S: plague-sized:J: plague:NV:s plagued:ED: plagues:P: plaguing:G: plaid-floored:J: plaid:JN:x
plaids:S: plain-clothes:J: plain-clothesmen:S: plain-out:R: plain-spoken:J: plain-vanilla:N: plain:JNR:x plainclothes:SJ: plainclothesman:N:p
plainer:J: plainest:J: plainly:R: plains:S: plaintiff:N:p plaintiffs:S: plaintive:J: plaintively:R: plan:NVE:k planar:J: plane-building:N: plane:NV:x
planed:E: planeload:N: planer:N:x planes:S: planet:N:x planetarium:N:x planetary-science:J: planetary:J: planetoid:N:x planetoids:S: planets:S:
plank:N:x planking:N:x planks:S: planned:EJD: planner:N:p planners:S: planning:NG:a planoconcave:J: plans:SVP: plant-and-equipment:J: plant-closing:J:
plant-expansion:J: plant-location:J: plant-modernization:J: plant-science:N: plant-sciences:J: plant-vaccine:J: plant-wide:J: plant:NV:x plantain:N:b
plantation:N:m plantations:S: planted:EJD: planter:N:p planters:S: planting:GN:a plantings:S: plants:SP: plaque:N:x plaques:S: plasm:N:x plasma:N:x
plasmodium:N:n plaster:N:x plastered:EJ: plasterer:N:p plastering:N:a plasters:S: plastic-bodied:J: plastic-body:J: plastic-coated:J:
plastic-covered:J: plastic-pipe:J: plastic-products:S: plastic-timber:N: plastic:NJ:x plastically:R: plasticity:N:u plastics-industry:N: plastics:S:
plastisols:S: plate:N:x plateau:N:x plated:E: plateful:J: plates:S: platform-controller:N: platform:N:x platforms:S: platinum:N:x platitudes:S:
platitudinous:J: plato:N:p platonism:N:k platonist:N:p platoon:N:g platoons:S: platted:E: platter:JN:x platters:S: plaudits:S:w plausibility:N:u
plausible:JN: plausibly:R: play-acting:N: play-by-play:J: play-girl:N: play-it-safe:J: play-off:N: play:VN:w playable:J: playacting:N:a playback:N:a
playbacks:S: playboy:N:p played-out:J: played:DE: player:N:p players:S: playful:J: playfully:R: playfulness:N:s playground:N:l playgrounds:S:
playhouse:N:x playin:G: playing:GJN:a playland:N: playmate:N:p playmates:S: playoff:N:a playoffs:S: playpen:N:x playroom:N:x plays:PSV: playthings:S:
playtime:N:t playwright-director:N: playwright:N:p playwrights:S: playwriting:N: plaza:N:l plazas:S: plea-bargain:J: plea:NV:w plead:V: pleaded:DE:
pleader:N:p pleading:GJN:w pleadingly:R: pleadings:S: pleads:P: pleas:S: pleasance:N:l pleasant:J: pleasantly:R: pleasantness:N:s pleasantries:S:
please:VU: pleased:EJD: pleases:P: pleasin:G: pleasing:JNG:a pleasingly:R: pleasurable:J: pleasure-boat:N: pleasure-seeking:N: pleasure:NJV:s
pleasures:S: pleat:N:x pleated:J: pleats:S: plebeian:J: pledge:NV:m pledged:DE: pledges:SP: pledging:G: plenary:J: plenipotentiary:N:p plenitude:N:u
plentiful:J: plenty:NJR:u plenum:N:g plethora:N:u pleura:SN:x pleural:J: pliable:J: pliant:J: plied:DE: pliers:S:x plies:P: plight:N:s plights:S:
plinking:J: plod:V: plodded:DE: plodding:GN:a plods:P: plopped:D: plot:NV:k plots:SP: plotted:ED: plotters:S: plotting:GN: plough:V: plow:NV:x
plowed:EDJ: plowing:GN:a plows:SP: plowshare:N:x plowshares:S: ploy:N:w ploys:S: pluck:VN:u plucked:DE: plucking:G: plucky:J: plug-in:J: plug-ugly:N:p
plug:NV:x plugged:ED: plugging:GN: plugs:SP: plugugly:JN: plum:N:b plumage:N:n plumb:RJ: plumbed:D: plumber:N:p plumbers:S: plumbing:N:x plume:N:u
plumed:J: plumes:S: plummet:VN:x plummeted:DE: plummeting:G: plummetted:D: plump:J: plumped:D: plumpness:N:u plumps:P: plunder:NV:m plundered:E:
plunderers:S: plundering:N:a plunge:NV:a plunged:DE: plunges:SP: plunging:GN: plunked:D: plunker:N:a plunkers:S: plunking:G: pluralism:N:g
pluralist:N:p pluralistic:J: plurality:N:s pluri-party:J: plus-one:JR: plus:CIJNR:u pluses:S: plush:JN:x plutocratic:J: plutocrats:S:
plutonium-based:J: plutonium-handling:N: plutonium-powered:J: plutonium-recovery:J: plutonium:N:x ply:V: plying:G: plywood:N:x pm:N:a pneumatic:J:
pneumocystis:N: pneumonia:N:s poachers:S: poaches:P: poaching:G: poark:N: pocket-size:J: pocket:NV:x pocketbook:N:m pocketbooks:S: pocketed:DE:
pocketful:N:q pocketing:G: pockets:SP: pockmarked:JE: pod:N:b podiatric:J: podiatrist:N:p podium:N:x podiums:S: pods:S: poem:N:w poems:S: poeple:N:
poet-painter:N: poet:N:p poetic:J: poetically:R: poetizing:G: poetry-and-jazz:NJ: poetry-writing:J: poetry:N:w poets:S: pogroms:S: poignancy:N:s
poignant:J: poignantly:R: point-blank:J: point-of-sale:J: point-spread:J: point:NVR:k pointed:DEJ: pointedly:R: pointer:N:w pointers:S: pointing:GN:
pointless:J: points:SP: pointy:J: poise:N:q poised:EDJ: poises:S: poison-pill:JN: poison:NJV:x poisoned:ED: poisoner:N:p poisoning:NG:s poisonous:J:
poisons:SP: poivre:N: poke:NV:b poked:DE: poker:N:x pokerfaced:J: pokes:P: pokey:J: poking:G: pol:N:p poland:N:l polar:J: polarities:S: polarity:N:z
polarization:N:s polarize:V: polarized:E: polarizing:G: pole:N:x polecat:N:n polemic:J: polemical:J: polemics:S:k poles:S: police-community:J:
police-dodging:N: police:NVS:g policed:E: policeman-murderer:N: policeman:N:p policemen:S: polices:S: policewoman:N:p policies:S: policing:GN:
policy-coordination:N: policy-makers:S: policy-making:JNG: policy-oriented:J: policy-research:N: policy-setting:J: policy:N:k policyholder:N:p
policyholders:S: policymaker:N: policymakers:S: policymaking:J: poling:G: polio:N:s polis:N: polish:VN:u polished:EJD: polishes:S: polishing:GN:a
polite:J: politely:R: politeness:N:u politic:JN: political-action:J: political-corruption:N: political-reform:J: political:J: politically:R:
politician:N:p politicians:S: politicize:V: politicized:EJ: politicizing:G: politicking:N: politico-plaintiffs:S: politico-sociological:J: politico:N:p
politicos:S: politics:SN:z polities:S: polity:N:s polivinylchloride:N: polka-dotted:J: polka:N:w poll-taker:N: poll-takers:S: poll:NJV:k polled:ED:
pollen-and-nectar:N: pollen-inhibiting:J: pollen-producing:G: pollen:N:b pollinate:V: pollinated:E: pollinating:G: pollination:N:a polling:NJG:
pollings:S: polls:SP:l pollster:N:p pollsters:S: pollutant:N:x pollutants:S: pollute:V: polluted:JDE: polluter:N:p polluters:S: polluting:GJ:
pollution-causing:J: pollution-control:JN: pollution-free:J: pollution-reduction:N: pollution:N:s polo:N:p polonaise:N:x pols:S: poltergeists:S:
poltically:R: poly-unsaturated:J: polybutene:N:x polybutenes:S: polycrystalline:J: polyelectrolyte:N:x polyelectrolytes:S: polyester:N:x polyesters:S:
polyether-type:J: polyether:N: polyethers:S: polyethylene:N:x polygynous:J: polyisobutylene:N: polyisocyanate:N: polyisocyanates:S: polymer:N:x
polymerase:N:x polymeric:J: polymerization:N:s polymerizations:S: polymers:S: polymyositis:N:s polynomial:NJ:k polynomials:S: polyols:SN:
polyphosphate:N:x polyphosphates:S: polyproplene:N: polypropylene:N:x polyps:S: polyrhythms:S: polysilicon:N: polysiloxanes:S: polystyrene:N:x
polytonal:J: polyunsaturated:J: polyurethane:N:x polyvinyl:NJ: pomaded:E: pomological:J: pomologist:N:p pomp-filled:J: pomp:N:w pompons:S: pompous:J:
pompously:R: pompousness:N:u poncho:N:x pond:N:x ponder:V: pondered:DE: pondering:G: ponderous:J: ponderousness:N:u ponders:P: ponds:S: pong:N:k
ponied:D: ponies:S: pontiff:N:p pontifical:J: pontificate:V: pontificates:P: pony-tailed:J: pony:N:n ponying:G: ponytails:S: pooch:N:n pooched:D:
poodle:N:n poodles:S: poof:N:p pooh-poohed:V: poohbah:N: pool-care:J: pool-equipment:N: pool-equipped:J: pool-owners:S: pool-side:JN: pool-table:N:
pool:NV:x pooled:EJ: pooling-of-interest:J: pooling-of-interests:J: pooling:GN: pools:SP: poolside:N: poor-mouth:J: poor-performing:J: poor-quality:J:
poor-white-trash:J: poor:JN:g poorer-quality:J: poorer:JR: poorest:J: poorly:R: pop-music:N: pop-out:J: pop:NJV:p popcorn:N:b pope:N:p poplar:N:b
poplin:N:x popped:DE: poppies:S: popping:G: poppy:N:b poppyseed:N: pops:P: populace:N:g popular-priced:J: popular:J: popularism:N:w popularity:N:u
popularize:V: popularized:ED: popularizing:G: popularly:R: populate:V: populated:EJD: populating:G: population-control:J: population:N:g populations:S:
populism:N:k populist:JN:p populists:S: populous:J: porcelain:N:x porcelains:S: porch:N:x porches:S: porcupine:N:n porcupines:S:f pore:N:u pored:DE:
pores:SP: poring:JG: pork-barrel:JN: pork-barrelers:S: pork-barreling:N:a pork:N:f porkchop:N:f porno-inspired:J: pornographer:N:p pornographic:J:
pornography:N:a porosity:N:u porous:J: porpoise:N:n porpoises:S: porridge:N:f port-of-call:N: port-shopping:N: port-side:J: port:NJ:l portability:N:u
portable:JN:x portables:S: portal:N:x portend:V: portended:D: portends:P: portent:N:a portentous:J: portents:S: porter:N:p porterhouse:N:f portering:N:
porters:S: portfolio-maker:N: portfolio:N:x portfolios:S: portico:N:x porticoes:S: portion:N:z portions:S: portly:J: portrait:N:w portraits:S:
portraiture:N:w portray:V: portrayal:N:w portrayals:S: portrayed:ED: portraying:G: portrays:P: ports:S: portugal:N:l portuguese:N:w portwatcher:N:p
portwatchers:S: pose:VN:u posed:ED: poses:P: poseur:N:p poseurs:S: posh:J: poshest:J: posing:G: position-building:N: position-squaring:N: position:NV:l
positional:J: positioned:EDJ: positioning:GN:a positions:SP: positionsthat:N: positive:JN:w positively:R: positivism:NJ:k positivist:N:p positivists:S:
posse:N:g posseman:N:p possemen:S: possess:V: possessed:DE: possesses:P: possessing:G: possession:N:a possessions:S: possessive:J: possessor:N:p
possibilities:S: possibility:N:k possible:JR: possiblities:S: possiblity:N: possibly:R: possum-hunting:N: possum:N:n post-attack:J: post-bankruptcy:J:
post-census:N: post-chemotherapy:J: post-colonial:J: post-colonialism:N: post-conviction:J: post-crash:J: post-earthquake:J: post-electoral:J:
post-fray:R: post-game:J: post-graduate:JN: post-hearing:J: post-hurricane:J: post-independence:J: post-merger:J: post-midnight:J: post-minimalist:J:
post-modern:J: post-modernism:N: post-mortal:J: post-mortem:JN:w post-nuptial:J: post-operative:J: post-production:NJ: post-quake:J:
post-reapportionment:J: post-retirement:J: post-revolutionary:J: post-sale:J: post-season:N: post-secondary:J: post-split:J: post-surgery:J:
post-surgical:J: post-trial:J: post-war:JN: post:NIJVD:l postage-prepaid:J: postage-stamp:N: postage:N:m postal-business:J: postal:J: postcard:N:w
postcards:S: postdoctoral:J: posted:DEJ: poster-sized:J: poster:N:w posterior:J: posterity:N:g posters:S: postgraduate:J: posthumous:J: posting:GN:w
postings:S: postition:N: postman:N:p postmark:N:w postmarked:E: postmarks:S: postmaster:N:p postmasters:S: postmen:S: postponable:J: postpone:V:
postponed:EJD: postponement:N:t postponements:S: postponing:G: postride:J: posts:SP: postscript:N:w postulate:V: postulated:EJ: postulates:S:
posture:NV:u postured:D: postures:S: posturing:NG:u postwar:J: pot:NV:x potable:J: potash:N:x potassium:N:x potato-like:J: potato-supplier:N:
potato:N:f potatoes:S: potboiler:N:w potboilers:S: potency:N:u potent:J: potentates:S: potential:JN:s potentialities:S: potentiality:N:s potentially:R:
potentials:S: potentiometer:N:x pothole:N:x potholes:S: pothos:N:b potion:N:f potions:S: potpourri:N:g pots:S: potshot:N:a pottage:N:f potted:JE:
potter:N:p potters:S: pottery:N:x potting:GN: potty:N:x pouch:N:x pouches:S: poultice:N:x poultices:S: poultry-loving:J: poultry:N:n pounce:V:
pounced:D: pouncing:G: pound-deutsche:J: pound-foolish:J: pound-of-flesh:J: pound:NV:q pounded:DE: pounding:GN:a pounds:SP: pour:VI: poured-in-place:E:
poured:DE: pouring:G: pours:P: pout:N:w pouted:D: pouty-looking:J: poverty-stricken:J: poverty:N:s pow:N:p powder:N:x powdered:JE: powderpuff:N:x
powders:S: powdery:J: power-buying:J: power-company:N: power-driven:J: power-generation:NJ: power-grid:N: power-hitter:N: power-hungry:J:
power-plant:N: power-sharing:J: power-starved:J: power-steering:N: power-surge:N: power-switching:J: power-tool:JN: power-train:N:
power-transmission:J: power:NV:u powerboat:N:x powered:EJ: powerful:J: powerfully:R: powerfulness:N:u powerhouse:N:p powerhouses:S: powering:G:
powerless:J: powerlessness:N:u powerplants:S: powers-that-be:N: powers:SP: powertrain:N: powpow:N: powwow:N:w pox:N:s pr:N:x practicability:N:u
practicable:J: practical:JN: practicality:N:u practically:R: practice:NV:a practiced:EDJ: practices:SP: practicing:GN: practised:J: practising:G:
practitioner:N:p practitioners:S: pragmatic:J: pragmatism:N:k pragmatist:N:p pragmatists:S: prai:V: prairie:N:l prairies:S: praise:NV:w praised:DJE:
praises:PS: praiseworthy:J: praising:G: pram:N:x prams:S: prancing:NG: pranha:N: prank:N:a pranks:S: pranksters:S: pratfalls:S: prattle:N:w prawns:S:
pray-for-growth-later:J: pray:V: prayed:DE: prayer-requests:N: prayer-time:N: prayer:N:a prayerbooks:S: prayerful:J: prayerfully:R: prayers:S:
prayin:N: praying:GN: prays:P: pre-academic:J: pre-approved:JE: pre-arranged:J: pre-assault:J: pre-bankruptcy:N: pre-cast:J: pre-clinical:J:
pre-college:J: pre-colonial:N: pre-conditions:S: pre-conscious:J: pre-consumption:N: pre-cooked:J: pre-cooled:J: pre-crash:J: pre-date:V: pre-dawn:J:
pre-determined:J: pre-drilled:J: pre-emancipation:N: pre-eminence:N: pre-eminent:J: pre-employment:JN: pre-empt:VJ: pre-empted:ED: pre-empting:J:
pre-emption:J: pre-emptive:J: pre-existence:J: pre-existent:J: pre-existing:J: pre-festival:J: pre-financed:J: pre-fund:V: pre-game:J: pre-historic:J:
pre-history:JN: pre-independence:N: pre-introduction:J: pre-kidnap:J: pre-kindergarten:N: pre-legislative:J: pre-literate:J: pre-maquila:J:
pre-margin:J: pre-marital:J: pre-market:J: pre-med:J: pre-merger:JN: pre-natal:J: pre-noon:N: pre-nuptial:J: pre-packed:J: pre-paid:D:
pre-penicillin:J: pre-planning:N: pre-primary:J: pre-production:J: pre-publication:J: pre-quake:J: pre-recorded:J: pre-reform:J: pre-refunded:J:
pre-register:V: pre-registered:EJ: pre-sale:J: pre-school:J: pre-season:J: pre-selected:EJ: pre-selling:GN: pre-sentencing:J: pre-set:J: pre-signed:E:
pre-split:J: pre-strike:J: pre-suspension:J: pre-tax:J: pre-tested:E: pre-trading:J: pre-transfer:J: pre-trial:JN: pre-try:V: pre-vision:J: pre-war:JN:
preach:V: preached:DE: preacher-singer:N: preacher:N:p preachers:S: preaches:P: preachiness:N: preaching:NG:w preachy:J: preadmission:N: preamble:N:w
preambles:S: preapproved:E: prearranged:EJ: precarious:J: precariously:R: precaution:N:a precautionary:J: precautions:S: precede:V: preceded:DE:
precedence:N:s precedent-based:J: precedent-setting:J: precedent:NJ:k precedents:S: precedes:P: preceding:GJ: preceeded:E: preceeding:G: precept:N:w
precepts:S: prechlorination:N:s precinct:N:l precincts:S: precious-metals:SJN: precious:JR: precipice-walled:J: precipice:N:x precipices:S:
precipitate:VN:x precipitated:DE: precipitating:G: precipitin:N:x precipitous:J: precipitously:R: precise-sounding:J: precise:J: precisely:R:
precision-materials:S: precision-timing:N: precision:NJ:u preclearance:N: preclinical:J: preclude:V: precluded:DEJ: precludes:P: precocious:J:
precociously:R: precocity:N:k precompetitive:J: preconceived:J: preconception:N:k preconceptions:S: precondition:N:w preconditioned:DE:
preconditions:S: preconference:J: preconscious:J: precooked:E: precrash:J: precursor:N:x precursors:S: precursory:J: precut:J: predates:P: predator:N:p
predators:S: predatory:J: predawn:J: predecessor:N:p predecessors:S: predestined:E: predetermined:E: predicament:N:s predicated:E: predicates:S:
predicator:N:w predict:V: predictability:N:u predictable:J: predictably:R: predicted:DJE: predicting-machines:S: predicting:GN: prediction:N:k
predictions:S: predictive:J: predictor:N:p predictors:S: predicts:P: predigested:E: predilection:N:k predilections:S: predispose:V: predisposed:E:
predisposing:G: predisposition:N:s predispositions:S: prednisone:N:x predominance:N:s predominant:J: predominantly:R: predominate:V: predominated:D:
predominately:R: predominates:P: predominating:G: predomination:N:s preemployment:N: preempt:V: preemptive:J: preening:G: preexistence:N:s prefab:J:
prefabricated:E: preface:N:w prefaced:DE: prefectural:J: prefecture:N:l prefectures:S: prefer:V: preferable:J: preferably:R: preference:N:s
preferences:S: preferential:J: preferentially:R: preferment:N:a preferrance:N: preferred-dividend:J: preferred-share:JN: preferred-stock:JN:
preferred:JDGE: preferring:G: prefers:P: prefix:N:w prefixes:S: preflight:NJ: prefuh:V: prefund:V: pregnancies:S: pregnancy:N:s pregnant:J:
prehistoric:J: preisolated:E: prejudged:E: prejudging:G: prejudice:NV:k prejudiced:EJ: prejudices:S: prejudicial:J: prelate:N:p preliminaries:S:
preliminarily:R: preliminary:JN:a preliterate:J: prelude:N:a premarital:J: premature:J: prematurely:R: premediated:J: premeditated:J: premier:NJ:p
premiere:NVJ:w premiered:D: premieres:SP: premiering:GN: premise:N:w premises:SN:l premium-beer:N: premium-brand:J: premium-food:N: premium-priced:J:
premium:NJ:m premiums:S: premix:N:f premonition:N:s premonitions:S: premonitory:J: prenatal:JR: preoccupation:N:k preoccupations:S: preoccupied:EJ:
preoccupies:P: preoccupy:V: preordained:E: preordainment:N: prep:JN:a prepackaged:E: prepaid-tuition:J: prepaid:JEV: preparation:N:a preparations:S:
preparative:J: preparatives:S: preparatory:J: prepare:V: prepared:EDJ: preparedness:N:s preparer:N: preparers:S: prepares:P: preparing:G: prepay:V:
prepaying:G: prepayment-protected:J: prepayment:N:a prepayments:S: prepolymer:N: preponderance:N:u preponderantly:R: preponderating:J: preposition:N:w
prepositional:J: prepositioning:J: preposterous:J: preppie:N: prepping:G: preppy:J: prepreg:N: preprepared:E: preprinting:N: preprivatization:N:
prepubescent:J: prepublication:N: prepupal:J: prepurchase:J: preradiation:N: prerecorded:E: preregistration:N: prerequisite:N:k prerequisites:S:
prerogative:N:u prerogatives:S: presage:V: presaged:D: presages:P: presaging:G: presale:JN: presbyterian:N:p preschool:J: preschooler:N:p
preschoolers:S: prescient:J: prescribe:V: prescribed:EJD: prescriber:N: prescribers:S: prescribes:P: prescribing:G: prescription-drug:NJ:
prescription:N:w prescriptions:S: prescriptive:J: preseason:N:t presence:N:s presences:S: present-day:J: present-time:J: present:JVNR:t presentable:J:
presentation:N:a presentational:J: presentations:S: presente:J: presented:ED: presenter:N:p presenters:S: presenting:G: presently:R: presentlye:N:
presentment:N:a presentments:S: presentness:N:u presents:PS: preservation:N:a preservative:J: preserve:VN:s preserved:EJD: preserves:PS:f preserving:G:
preset:J: preside:V: presided:DE: presidency:N:t president-elect:N: president-finance:N: president-international:N: president-marketing:J:
president:N:p presidential-primary:N: presidential:J: presidents:S: presides:P: presiding:G: presorting:N: press-forge:N: press-freedom:N:
press-ganged:J: press-release:N: press:NV:s pressed-paper:J: pressed:ED: presser:N: presses:SP: pressing:GJ: pressman:N:p pressure-cooker:N:
pressure-formed:J: pressure-measurement:N: pressure-measuring:J: pressure-sensing:J: pressure:NV:s pressured:EJNVD: pressures:S: pressuring:G:
pressurized:E: prestidigitation:N:a prestidigitator:N:p prestige-sentitive:J: prestige:NJ:s prestigious:J: presto:R: presumably:R: presume:V:
presumed:EJD: presumes:P: presuming:G: presumption:N:k presumptions:S: presumptuous:J: presuppose:V: presupposes:P: presupposition:N:k
presuppositions:S: pretax:JN: pretence:N:u pretend:VJ: pretended:DE: pretending:G: pretends:P: pretense:N:a pretenses:S: pretension:N:u pretensions:S:
pretentious:J: pretest:N: pretext:N:w pretexts:S: pretrial:J: prettier:J: prettiest:J: prettily:R: prettiness:N:u pretty-good-rated:J: pretty-much:J:
pretty:RJ: prevail:V: prevaile:V: prevailed:DE: prevailin:N: prevailing:GJ: prevails:P: prevalance:N: prevalence:N:u prevalent:JN: prevayle:V:
prevent:V: preventable:J: preventative:J: preventatives:S: prevented:ED: preventing:G: prevention:N:a preventive:JN:x prevents:P: preview:N:w
previewing:G: previews:S: previous-month:J: previous-year:J: previous:J: previously:R: prevision:N:k previsions:S: prewar:J: prey:NV:p preying:G:
price-adjusted:J: price-and-seasonally:R: price-based:J: price-competitive:J: price-conscious:J: price-consciousness:N: price-corroding:J:
price-cutting:NJ: price-depressing:J: price-determination:J: price-driven:J: price-earnings:JNS: price-fixing:NJ:a price-gouging:N: price-growth:J:
price-increase:N: price-jarring:J: price-jolting:J: price-level:J: price-moving:J: price-reform:J: price-reporting:N: price-sensitive:J:
price-setting:N: price-skirmishing:J: price-slashing:JN: price-stability:N: price-stabilized:J: price-stabilizing:J: price-support:JN:
price-supporting:J: price-to-book:J: price-to-earnings:J: price-valuation:N: price-value:JN: price-weakening:N: price-wise:J: price:NV:u
pricecutting:N: priced:EJD: priceless:J: prices:SP: pricetags:S: pricey:J: pricier:J: priciest:J: pricing:NG:k pricings:S: prick:N:p pricked:E:
pricking:G: prickly:JR: pricks:S: pride:NV:s prided:DE: prides:P: prie-dieu:N:x pries:P: priest:N:p priestly:J: priests:S: prim:J: prima-facie:J:
prima:N:f primacy:N:s primal:J: primaries:S: primarily:R: primarly:R: primary-color:J: primary-election:N: primary:JN:a primate:N:p primates:S:n
prime-time:JN: prime:JN:q primed:EJD: primer:N:w primers:S: primes:S: primetime:N: primeval:J: priming:GN:a primitive-eclogue:J: primitive:J:
primitives:S: primitivism:N:s primly:R: primordial:J: primping:G: prince:N:p princely:J: princes:S: princess-in-a-carriage:N: princess:N:p
princesse:JN: principal-only:J: principal:JN:m principally:R: principals:S: principle:N:k principled:J: principles:S: princpal:N: print-developing:J:
print-out:J: print-shop:N: print:NV:w printable:J: printed:EDJ: printer:N:p printers:S: printing-equipment:N: printing-ink:J: printing-press:N:
printing-systems:S: printing:NG:w printmaking:N:a printout:N:w printouts:S: prints:SP: prior-approval:J: prior-day:J: prior-notice:J: prior-review:J:
prior-year:J: prior:RNJ:p priorities:S: priority:NJ:s prison:NV:x prisoner-made:J: prisoner:N:p prisoners:S: prisons:S: pristine:J: privacy:N:u
private-bank:J: private-banking:J: private-detective:N: private-eye:N: private-insurance:N: private-label:JN: private-line:J: private-management:N:
private-placement:JN: private-school:JN: private-sector:JN: private:JNR:p privately-owned:J: privately:R: privation:N:s privations:S:
privatization-consulting:J: privatization:N:a privatizations:S: privatize:V: privatized:EDJ: privatizing:G: privet:N:b privies:S: privilege:N:u
privileged:J: privileges:SP: privileging:G: privvy:J: privy:JN:x prize-fight:J: prize-fighter:N: prize-winning:J: prize:NJV:m prized:EJ: prizefight:N:a
prizes:SP: pro-abortion:J: pro-active:J: pro-ball:N: pro-business:J: pro-choice:J: pro-consumer:JN: pro-consumption:N: pro-cut:J: pro-democracy:J:
pro-enterprise:J: pro-environment:N: pro-environmental:J: pro-family:N: pro-growth:J: pro-independence:J: pro-investment:J: pro-labor:J: pro-life:J:
pro-mark:J: pro-market:J: pro-neutralist:J: pro-rata:J: pro-rated:J: pro-reform:JN: pro-repeal:J: pro-sealed-records:J: pro-selected:J:
pro-shareholder:N: pro-student:J: pro-tem:J: pro-union:J: pro:IJN:p probabilistic:J: probabilities:S: probability:N:u probable:J: probably:R:
probaby:N: probate:N:w probation:N:t probe-based:J: probe:NV:k probed:D: probes:S: probing:GJN: probings:S: probity:N:u problem-solving:JN:
problem-the:J: problem:N:s problematic:J: problematical:J: problematics:S: problems:S: probly:R: proboscis:N:x procedural:J: procedurally:R:
procedure:N:a procedures:SP: proceed:V: proceeded:DE: proceeding:NG:a proceedings:S:a proceeds:SP:m process-control:N: process-server:N:p process:NV:a
processed-foods:J: processed-meat:J: processed-meats:S: processed:EDJ: processes:SP: processing:NG:s procession:N:a processional:N:w processor:N:g
processors:S: prochoice:N: proclaim:V: proclaimed:DJE: proclaiming:G: proclaims:P: proclamation:N:w proclamations:S: proclivities:S: procrastinate:V:
procrastinated:D: procrastination:N:a procreate:V: procreation:N:a procreative:J: procreativity:N: proctor:N:p proctors:S: procure:V: procured:ED:
procurement:NJ:a procurer:N:p prod:VN:w prodded:ED: prodding:GN:w prodigal:J: prodigally:R: prodigies:S: prodigious:J: prodigiously:R: prodigy:N:p
prods:PS: produce:VN:f produced:ED: producer-consumer:J: producer-hubby:N: producer-price:JN: producer:N:p producers:S: produces:P: producin:G:
producing:GJN: product-design:J: product-development:N: product-inspection:J: product-launch:N: product-liability:JN: product-line:N:
product-marketing:N: product-monoclonal:J: product-registration:N: product-related:J: product-swap:N: product-testing:N: product:N:x
production-ceiling:N: production-cost:N: production-rate:J: production-sharing:JN: production:N:a productions:S: productive:J: productivity-based:J:
productivity-share:N: productivity:N:u products:S: proessional:N: prof:N:p profane:J: profanity:N:w profess:V: professed:DEJ: professedly:R:
professes:P: professeur:N: professing:G: profession:N:g professional-design:J: professional-level:J: professional:JN:p professionalism:N:k
professionally:R: professionals:S: professions:S: professor:N:p professorial:J: professoriate:N: professors:S: professorship:N:a professorships:S:
profet:N: proffer:V: proffered:DE: profferred:E: proficiency:N:u proficient:J: profile:NJV:w profiled:E: profiles:SP: profiling:G: profit-eating:J:
profit-making:JN: profit-margin:N: profit-maximizing:J: profit-motivated:J: profit-oriented:J: profit-seeking:J: profit-sharing:NJS:
profit-staggering:J: profit-taking:NSJ: profit:NV:m profitability:N:u profitable:J: profitably:R: profited:DE: profiteering:GN: profiteers:S:
profiting:G: profits-optimism:J: profits:SP:m profittaking:N: profitting:G: profligacy:N:u profligate:J: profound:J: profoundest:J: profoundity:N:
profoundly:R: profs:S: profundity:N:k profuse:J: profusely:R: profusion:N:u progandist:N: progenitors:S: progeny:N:p progess:N: prognoses:S:
prognosis:N:w prognostication:N:a prognostications:S: prognosticator:N:p prognosticators:S: program-bashing:J: program-dominated:J: program-driven:J:
program-maker:N: program-related:J: program-selling:J: program-trade:J: program-trading:JN: program:NV:k programed:E: programing:NG:a programmable:J:
programmatic:J: programmed:EJ: programmer:N:p programmers:S: programmes:S: programming:NG:a programs:S: progress:NV:a progressed:DE: progresses:P:
progressing:G: progression:N:g progressions:S: progressive:JN:z progressively:R: progressives:S: progressivism:N:k progressivity:N:u prohibit:V:
prohibited:ED: prohibiting:G: prohibition:N:w prohibitions:S: prohibitive:J: prohibitively:R: prohibiton:N: prohibits:P: project:NV:a projected:EJD:
projectile:N:x projectiles:S: projecting:G: projection:N:k projections:S: projective:J: projector:N:x projectors:S: projects:SP: proletarian:J:
proletariat:N:g proliferate:V: proliferated:EVD: proliferating:G: proliferation:N:s prolific:J: prolixity:N:w prolong:V: prolongation:N:a
prolonged:EDJ: prolonging:G: prolongs:P: prolusion:N:w prolusions:S: prom:N:a promenade:N:a promenades:S: prometheus:N:p prominant:J: prominence:N:s
prominent:J: prominently:R: promiscuous:J: promise:NV:w promised:DJE: promises:PS: promising:JG: promissory:J: promote:V: promoted:ED: promoter:N:p
promoters:S: promotes:P: promoting:G: promotion:N:w promotional:J: promotions:S: prompt:VJ: prompted:DE: prompting:GN:w promptings:S: promptly:R:
prompts:P: promulgated:ED: promulgating:G: promulgator:N:p promulgators:S: prone:JR: proneness:N:u prongs:S: pronoun:N:w pronounce:V: pronounced:EDJ:
pronouncement:N:w pronouncements:S: pronounces:P: pronouncing:JG: pronouns:S: pronto:R: pronunciation:N:w proof-of-purchases:S: proof:NJ:k proofread:D:
proofreading:G: prop:VN:x propaganda:N:w propagandist:N:p propagandistic:J: propagandists:S: propagandize:V: propagandizes:P: propagate:V:
propagated:E: propagation:N:w propane:N:x propects:S: propel:V: propellant:N:x propellants:S: propelled:ED: propeller-driven:J: propeller:N:x
propellers:S: propelling:G: propels:P: propensity:N:s proper:J: properly:R: properties:S: property-and-casualty:J: property-casualty:JN:
property-claim:N: property-claims-service:N: property-investment:N: property-liability:N: property-loan:J: property-management:N: property-poor:J:
property-price:J: property-related:J: property-rich:J: property-sector:N: property-tax-cutting:J: property-tax:J: property:N:m propfan:NJV: propfans:S:
prophecies:S: prophecy:N:k prophesied:DE: prophesies:P: prophesized:D: prophesying:G: prophet:N:p prophetic:J: prophetically:R: prophets:S:w
propionate:N: propitiate:V: propitious:J: proponent:N:p proponents:S: proportion:N:z proportional:JN:k proportionality:N:z proportionally:R:
proportionate:J: proportionately:R: proportioned:J: proportions:S: proposal:N:w proposals:S: propose:V: proposed:EDVJ: proposes:P: proposing:G:
proposition:N:w propositioned:D: propositions:S: propounded:D: propped:ED: propping:G: proprietary:JN:m proprieter:N: proprieties:S: proprietor:N:p
proprietors:S: proprietorship:N:m proprietorships:S: proprietory:J: propriety:N:u props:S:a propsed:E: propulsion:N:s propulsions:S: propulsive:J:
propylene:N:x propylthiouracil:N:x prorate:V: prorated:E: proration:NJ:a pros:S: prosaic:J: prosceniums:S: proscribe:V: proscribed:E: proscribes:P:
proscription:N:w proscriptive:J: prose:N:w prosecute:V: prosecuted:ED: prosecuting:GN: prosecution:N:a prosecutions:S: prosecutor:N:p prosecutorial:J:
prosecutors:S: proselytizing:GN: prosodic:J: prosodies:S: prosody:N:w prosoma:N: prospect:N:s prospective:J: prospectively:R: prospector:N:p
prospects:S: prospectus:N:w prospectuses:S: prosper:V: prospered:ED: prospering:G: prosperity:N:s prosperous:J: prospers:P: prostaglandin:N:x
prostate:NJ:x prostitute:NV:p prostitutes:S: prostitution:N:a prostrate:J: prosy:J: protagonist:N:p protagonists:S: protease:N:x proteases:S:
protect:V: protected:EJD: protecting:G: protection:N:a protectionism:N:w protectionist:JN:p protectionists:S: protections:S: protective:JN:
protectively:R: protector:N:p protectorate:N:l protectors:S: protects:P: protege:N:p proteges:S: protein-bound:J: protein-making:J:
protein-restricted:J: protein:N:x proteins:SP: proteolysis:N:s proteolytic:J: protest:NV:w protestant:N:p protestantism:N:k protestation:N:w
protestations:S: protested:DE: protester:N:p protesters:S: protesting:G: protestors:S: protests:SP: proto-oncogenes:N: proto-senility:N: protocol:N:w
protocols:S: proton:N:x protons:S: protoplasm:N:x protoplasmic:J: prototype:NJ:k prototyped:E: prototypes:S: prototypical:J: protozoa:S:n
protozoan:JN:n protracted:JE: protrude:V: protruded:D: protruding:G: protrusion:N:u protuberance:N:u proud:J: prouder:R: proudest:J: proudly:R:
provdied:D: prove:V: proved:DJE: proven:EJ: provenance:N:l proverb:N:w proverbial:J: proverbs:S:w proverty:N: proves:P: provide:V: provided:ED:
providence:N:l providential:J: provider:N:p providers:S: provides:P: providing:GI: province-wide:J: province:N:l provinces:S: provincial:J:
provincialism:N:k provincially:R: proving:GN: provision:N:w provisional:J: provisionally:R: provisioned:E: provisioning:GN: provisions:S:f proviso:N:w
provisons:S: provocateurs:S: provocation:N:a provocative:J: provocatively:R: provoke:V: provoked:DJE: provokes:P: provoking:GJ: provost:N:p prow:N:x
prowazwki:N: prowess:N:k prowl:NVJ:a prowled:D: prowler:N:p prowlers:S: prowling:G: prowls:P: proxies:S: proximal:J: proximate:J: proximity:N:u
proxy-solicitation:J: proxy:NJ:p prude:N:p prudence:N:u prudent-man:J: prudent:J: prudential:J: prudentially:R: prudently:R: prune:NV:f pruned:ED:
prunes:S: pruning:GN:x prurient:J: pruta:N: pry:V: prying:JG: psalm:N:w psalmist:N:p pseudo-anthropological:J: pseudo-capitalism:N: pseudo-emotion:N:
pseudo-feeling:N: pseudo-glamorous:J: pseudo-government:N: pseudo-happiness:N: pseudo-history:N: pseudo-lobbyists:S: pseudo-patriotism:N:
pseudo-profundities:S: pseudo-questions:S: pseudo-scientific:J: pseudo-sophistication:N: pseudo-symmetric:J: pseudo-thinking:N: pseudo-willing:N:
pseudo:J: pseudoephedrine:N:x pseudonym:N:w pseudonymous:J: pseudophloem:N:b pseudosocialism:N: pseudynom:N: psi:S:q psithyrus:N:n psoriasis:N:s
psyche:N:k psyches:S: psychiatric:J: psychiatrist:N:p psychiatrists:S: psychiatry:N:k psychic:JN:p psychical:J: psychically-blind:J: psychically:R:
psychics:S: psycho-physiology:N: psychoactive:J: psychoanalysis:N:a psychoanalyst:N:p psychoanalytic:J: psychobiology:N: psychological:J:
psychologically:R: psychologist:N:p psychologists:S: psychology:N:k psychopath:N:p psychopathic:J: psychopharmacological:J: psychophysiology:N:k
psychopomp:N:p psychosocial:J: psychosomatic:J: psychotherapeutic:J: psychotherapist:N:p psychotherapists:S: psychotherapy:N:k psychotic:J:
psyllium-fortified:J: psyllium:N:b pterygia:N: pterygium:N:x pub:N:x puberty:N:t pubescent:J: public-accommodation:N: public-address:J:
public-affairs:S: public-asset:J: public-audit:J: public-employee:N: public-fund:J: public-health:JN: public-housing:JN: public-information:J:
public-interest:JN: public-land:J: public-limit:J: public-opinion:JN: public-owned:J: public-policy:NJ: public-relations:SJN: public-school:JN:
public-sector:NJ: public-service:JN: public-spirited:J: public-stock:N: public-television:N: public-transit:J: public-works:SJ: public:JNR:g
publically:R: publication:N:w publications:S: publicist:N:p publicists:S: publicity-conscious:J: publicity-seeking:J: publicity-shy:J: publicity:N:w
publicize:V: publicized:EJ: publicizing:G: publicly-held:J: publicly-traded:J: publicly:R: publicsector:J: publish:V: publishable:J: published:EJD:
publisher:N:g publishers:S: publishes:P: publishing-group:J: publishing:NJG:a pubs:S: pucker:N:u puckered:EJ: puckering:G: puckish:J: pudding-faced:J:
pudding:N:f puddings:S: puddle:N:x puddles:S: puerile:J: puff:NV:s puffed-up:J: puffed:ED: puffers:S: puffery:N:w puffing:G: puffs:P: puffy:J:
pug-nosed:J: pugh:J: pugnacious:J: puissant:J: puke:N:p pulchritude:N:u pull-backs:S: pull-down:J: pull-out:N: pull:VN:a pullback:N:x pullbacks:S:
pulled:DE: pullet-roofed:J: pulley:N:x pulleys:S: pulling:G: pullout:N:a pullouts:S: pulls:PS: pulmonary:J: pulp:NV:x pulping:G: pulpit:N:x pulpits:S:
pulpwood:N:x pulsated:D: pulsating:G: pulsation:N:a pulsations:S: pulse-jet:N: pulse-timing:J: pulse:NV:a pulsed:E: pulses:S: pulsing:G: pulverize:V:
pulverized:E: pulverizing:G: pumas:S: pummel:V: pummeled:DE: pummeling:N: pump-action:JN: pump-priming:N: pump:VN:x pumped-up:J: pumped:ED: pumping:G:
pumpkin:N:b pumps:S: pun:N:w punch:NV:a punchbowl:N: punched-card:J: punched:DE: puncher:N:p punchers:S: punches:S: punching:GN: punchy:J:
punctuality:N:u punctually:R: punctuated:E: punctuation:N:a punctured:JE: puncturing:G: pundit:N:p punditry:N: pundits:S: pungency:N:w pungent:J:
pungently:R: punish:V: punishable:J: punished:E: punishes:P: punishing:GJ: punishment:N:a punishments:S: punitive:J: punk:NJ:p punks:S:g punky:J:
punning:G: punnished:DE: puns:S: punster:N:p punt:N:q punted:D: punters:S: punts:S: puny:J: pup:N:n pupated:E: pupates:P: pupil:N:p pupils:S:
puppet:N:x puppeteers:S: puppets:S: puppies:S: puppy:N:n puppyish:J: pups:S: pur-poises:S: purchase-and-lease:J: purchase:NV:a purchased:EJD:
purchaser:N:p purchasers:S: purchases:SP: purchasing:GJN:a pure-meat:N: pure-voiced:J: pure:J: purely:R: purest:J: purgation:N:a purgatory:N:s
purge:NV:a purged:ED: purges:PS: purging:GN:a purhasing:N: purification:N:a purified:E: purifier:N:x purifiers:S: purify:V: purifying:G: purism:N:w
purists:S: puritan:J: puritanical:J: purity:N:s purled:DE: purling:G: purloined:E: purple-black:J: purple:JN:u purpling:G: purport:V: purported:JD:
purportedly:R: purporting:G: purports:P: purpose:N:k purposed:E: purposeful:J: purposefully:R: purposeless:J: purposely:R: purposes:S: purposive:J:
purposively:R: purring:GN: purrs:P: purse-snatchings:S: purse:N:x pursed:D: purses:S: pursuant:J: pursue:V: pursued:EJD: pursuer:N:p pursuers:S:
pursues:P: pursuing:GN: pursuit:N:a pursuits:S: purtiest:J: purveyor:N:p purveyors:S: purview:N:u push-button:J: push-offs:S: push-up:NJ: push-ups:S:
push:VN:a pushed:DE: pushers:S: pushes:PS: pushin:N: pushing:GJN:a pushover:N:p pushup:N:a pushups:S: pushy:J: pusillanimity:N:u pussy-willow:N:
pussy:N:x pussycat:N:p put-option:N: put-upon:J: put:VJNDE:a putative:J: putout:N:a puts:PS: putt:NV:a puttable:J: putted:D: putter:N:p puttered:D:
puttering:G: putting:G: putty-like:J: putty:N:x puzzle:NV:w puzzled:EJD: puzzlement:N:k puzzler:N:w puzzles:SP: puzzling:JG: pvt:N: pygmies:S:
pyknotic:J: pylons:S: pynte:N: pyocanea:N: pyorrhea:N:s pyramid-shaped:J: pyramid:NV:u pyramidal:J: pyramiding:G: pyramids:S: pyre:N:g pyrex:N:x
pyrometer:N:x pyrometers:S: pyrophosphate:N:x pyrotechnic:J: pyschiatrist:N: python:N:n pythons:S: quack:NU:p quacked:D: quackery:N:a quacks:SP:
quadratic:J: quadrennial:J: quadric:NJ:u quadriceps:S:x quadrillionth:N:q quadripartite:J: quadrupeds:S: quadruple:VJ: quadrupled:ED: quadruples:P:
quadrupling:GN:s quagmire:N:x quailing:G: quaint:J: quaintly:R: quake-displaced:J: quake-hit:J: quake-inflicted:J: quake-prone:J: quake-related:J:
quake-relief:J: quake-shocked:J: quake-torn:J: quake:N:a quaker:N:p quakes:S: quaking:G: qualification:N:u qualifications:S: qualified:EJD:
qualifies:P: qualify:V: qualifying:G: qualitative:J: qualitatively:R: qualities:S: quality-adjusted:J: quality-conscious:J: quality-control:NJ:
quality-improvement:N: quality:NJ:u qualm:N:s qualms:S: quandary:N:s quantification:N:k quantified:E: quantify:V: quantitative:J: quantitatively:R:
quantities:S: quantitive:J: quantity-based:J: quantity:N:z quantum:N:k quarantine:V: quarrel:NV:w quarreled:DE: quarreling:G: quarrels:SP:
quarrelsome:J: quarry:N:p quarrymen:S: quart:N:q quarter-by-quarter:J: quarter-century-old:J: quarter-century:NJ:t quarter-inch:J: quarter-mile:NJ:
quarter-million-dollar:J: quarter-moon:N: quarter-of-a-century:J: quarter-point:NJ: quarter-to-quarter:J: quarter:N:q quarterback:N:p quarterbacks:S:
quarterly:JNR:w quarters:S:x quartet:N:q quartets:S: quarts:S: quartz:N:x quartzite-quarrying:N: quash:V: quashed:DE: quashing:G: quasi-federal:J:
quasi-folk:J: quasi-governmental:J: quasi-mechanistic:J: quasi-monopolistic:J: quasi-performer:N: quasi-private:J: quasi-public:J: quasi-recitative:J:
quasi-religious:J: quasi-tax:J: quasi-xenophobic:J: quasisports:S: quatrain:N:w quaver:N:a quavered:D: quavering:G: queasily:R: queasiness:N:s
queen:N:n queens:S:l queenside:N: queer:J: queerer:J: queerest:J: queers:S: quell:V: quelling:NG:a quench:V: quenching:N:a queried:ED: queries:SP:
querulous:J: querulously:R: query:N:w querying:G: quest:N:k question-and-answer:J: question:NV:w questionable:J: questionably:R: questionaire:N:
questioned:DE: questioner:N:p questioners:S: questioning:GJN:w questioningly:R: questionnaire:N:w questionnaires:S: questions:SP: quests:S: quetzal:N:q
queue:N:g queued:J: queues:S: queuing:G: quibble:V: quibbling:G: quibs:S: quick-drying:J: quick-fired:E: quick-fix:J: quick-frozen:E: quick-handling:J:
quick-kill:J: quick-service:J: quick-tempered:J: quick-to-prepare:J: quick:JNR:x quicken:V: quickened:DE: quickening:G: quicker:JR: quickest:J:
quickie:NJ:a quickly:R: quickness:N:k quicksand:N:s quicksilver:JN:x quickstep:NV:w quickwitted:J: quid-pro-quo:J: quid:N:q quiescent:J:
quiet-spoken:J: quiet:JNV:s quieted:DE: quieter:J: quieting:G: quietly:R: quietness:N:u quill-pen:J: quill:N:x quilt:N:x quilted:J: quince:N:b
quinine:N:x quinolone:N: quintessential:J: quintet:N:w quintets:S: quintuple:RV: quip:N:w quipped:DN: quipping:G: quips:PS: quirk:N:u quirking:G:
quirks:S: quirky:J: quirt:N:x quisling:N:p quit:VDEN: quite-comfortable:J: quite-literal:J: quite:RT: quits:PS: quitting:G: quiver:N:s quivered:D:
quivering:G: quivers:S: quixotic:J: quiz:NV:w quizzed:D: quizzical:J: quo:TN: quorum:N:g quota-breakers:S: quota-cheaters:S: quota-increase:J:
quota-trained:J: quota:N:q quotas:S: quotation:N:w quotations:S: quote:VN:w quoted:ED: quotes:SP: quoting:G: r:N:q rabat:N:l rabbi:NS:p rabbinical:J:
rabbit-test:J: rabbit:N:n rabbits:S: rabble:N:g rabid:J: raccoon-skin:J: raccoon:N:x raccoons:S: race-based:J: race-car:N: race-driver:N:
race-drivers:S: race:NV:a raced:D: racehorse:N:n racehorses:S: racers:S: races:SP: racetrack:N:x racetracks:S: raceway:N:x racial-minority:J:
racial-preference:NJ: racial:J: racially:R: racine:N:p racing:GJN:a racism:N:k racist:JN:p racists:S: rack:NV:x racked:ED: racket:N:a racketeer:N:p
racketeering:NG:a racketeers:S: rackets:S: rackety:J: racking:G: racks:S: racoons:S: racy:J: radar-controlled:J: radar-eluding:GJ: radar-threat:J:
radar-type:J: radar:N:x radars:S: raddled:E: radial:J: radiance:N:s radiant:J: radiate:V: radiated:DEJ: radiates:P: radiating:G: radiation-produced:J:
radiation-protection:J: radiation:N:s radiations:S: radiator:N:x radiators:S: radical-moderate:J: radical:JN:x radicalism:N:k radicalized:E:
radically:R: radicals:S: radii:S: radio-cassette:N: radio-controlled:J: radio-location:N: radio-pharmaceutical:J: radio-show:J: radio-station:N:
radio:NV:w radioactive:J: radioactivity:N:s radiocarbon:N:x radiochlorine:N:x radioclast:N: radioed:JD: radiography:N:s radioing:G: radiomen:S:
radionic:J: radiopasteurization:N: radiopharmaceutical:J: radiophonic:J: radios:S: radiosterilization:N: radiosterilized:E: radish:N:f radius:N:u
radon:N:x rads:S: raffish:J: raft:N:x rafter:N:x raftered:E: rafters:S: rafts:S:q rag:N:x ragamuffin:N:p rage:NV:s raged:DE: rages:PS: ragged:J:
raggedness:N:u ragging:G: raging:GJ: rags:S: ragtime:N:w raid:NV:a raided:ED: raider:N:p raiders:S: raiding:GN: raids:SP: rail-car:N: rail-equipment:J:
rail-mobile:J: rail-passenger:N: rail-traffic:J: rail:NV:x railbed:N: railbike:N: railbiker:N: railbikers:S: railbikes:S: railbiking:N: railbirds:S:
railcar:N:x railcars:S: railed:DE: railhead:N:x railing:N:x railings:S: raillery:N:w railroad-holding:J: railroad:N:x railroader:N:p railroading:G:
railroads:S: rails:SP:x railway-based:J: railway:N:x railways:S: raiment:N:x rain-slick:J: rain:NV:s rainbow-hued:J: rainbow:N:x rainbows:S:
raincoats:S: raindrops:S: rained:DE: rainfall:N:s rainier:J: raining:G: rainless:J: rainout:N: rains:SP: rainstorm:N:s rainwater:N:x rainy:J:
raise:VN:u raised:EDJ: raiser:N:p raisers:S: raises:PS: raisin:N:f raising:GNR:a raison:N: raj:N:s rajah:N:p rake:NV:p raked:DE: raking:G: rakish:J:
rakishly:R: raku:N: rallied:DE: rallies:SP: rally:NV:g rallying:GJN:a ram:VN:x ramble:V: rambled:D: rambles:P: rambling:NJ: ramblings:S:
rambunctious:J: ramification:N:a ramifications:S: rammed:D: ramming:G: ramp:NV:x rampage:N:a rampancy:N: rampant:JR: rampart:N:x ramparts:S: ramps:SP:
ramrod-stiff:J: ramrod-straight:J: ramrod:N:x ramshackle:J: ran:D: ranch:N:x rancher:N:p ranchers:S: ranches:S: rancho:N: rancid:J: rancidity:N:s
rancor:N:s rancorous:J: rand:NS:q random-access:J: random-storage:J: random-walk:J: random:JN: randomization:N:a randomly:R: randomness:N:u rang:D:
range:NJVP:u ranged:DE: rangelands:S: ranger:N:p rangers:S: ranges:SP: ranging:G: rangy:J: rank-and-file:JN: rank:NVJ:g ranked:DEJ: rankest:J:
ranking:JGN:s rankings:S: rankled:E: rankles:P: ranks:SP: ransack:V: ransacked:ED: ransacking:G: ransom:N:m rant:V: ranted:D: rap:NV:w rapacious:J:
rape-and-incest:J: rape:NV:b raped:EDJ: rapers:S: rapes:SP: rapeseed:N:b rapeseeds:S: rapid-fire:J: rapid-transit:J: rapid:J: rapidity:N:u
rapidly-diminishing:J: rapidly:R: rapier:N:x raping:GN: rapist:N:p rapists:S: rapped:DE: rapping:NG: rapport:N:z rapprochement:N:a rapt:J: raptor:N:n
raptors:S: rapture:N:s raptures:S: rare:J: rarefied:E: rarely:R: rarer:J: rarest:J: rarified:J: raring:J: rarities:S: rarity:N:u rasa:N: rascal:N:p
rascals:S: rash:NJ:s rasp:N:w raspberry:JN:b rasped:D: rasping:J: rasps:S: raspy:N: rat-a-tat-tat:J: rat-a-tat-tatty:J: rat-holes:S: rat:NV:n rata:JN:
ratable:J: ratchet:V: ratcheting:G: rate-increase:J: rate-making:J: rate-mortgages:SN: rate-of-return:J: rate-sensitive:J: rate-slashing:J:
rate-tightening:J: rate-watchers:S: rate:NV:t rateable:J: rated:EJD: ratepayers:S: rates:SP:m rather:RI: rathole:N:x ratification:N:w ratified:DE:
ratifiers:S: ratifies:P: ratify:V: ratifying:G: rating:NG:k ratings-getter:N: ratings:S: ratio:N:z ratiocinating:J: ration:N:f rational:J:
rationale:N:k rationalism:N:k rationalist:JN:p rationalistic:J: rationality:N:s rationalization:N:k rationalizations:S: rationalize:V: rationalized:JE:
rationalizing:G: rationally:R: rationed:E: rationing:N:a rations:S: ratios:S: rator:N: rats:S: rattail:N:n rattle:NV:a rattled:EJD: rattler:N:n
rattlers:S: rattles:P: rattlesnake:N:n rattlesnakes:S: rattling:GN:a ratty:J: raucous:J: raucously:R: ravage:N:a ravaged:E: ravages:S: ravaging:G:
rave:VJ: raved:D: ravenous:J: raves:P: ravines:S: raving:GJ: ravings:S: raw-material:NJ: raw-materials:SJ: raw-sugar:J: raw:J: rawboned:J: rawhide:N:x
ray:N:s rayon:N:x rays:S: razed:E: razing:G: razor-edged:J: razor-sharp:J: razor-thin:J: razor:N:x razorback:N:n razors:S: rbi:S:a re-acquire:V:
re-activate:V: re-adopt:N: re-animated:J: re-animates:P: re-arguing:G: re-assumed:E: re-creactions:S: re-create:V: re-created:JE: re-creates:P:
re-creating:N: re-creation:N:a re-creations:S: re-declared:D: re-echo:V: re-edited:E: re-educate:V: re-education:N: re-elected:EJD: re-election:NJ:
re-emerge:V: re-emerged:D: re-emergence:N: re-emphasis:N: re-emphasise:V: re-emphasize:V: re-emphasizing:G: re-enact:V: re-enacted:E: re-enacting:G:
re-enactment:N: re-enactments:SN: re-energized:J: re-enforces:P: re-engineered:DE: re-enter:VN: re-entered:D: re-entering:G: re-entry:N:
re-establish:VN: re-established:D: re-establishing:GJ: re-establishment:N:a re-evaluate:VJ: re-evaluating:JG: re-evaluation:N: re-examination:N:
re-examine:V: re-examined:D: re-examines:P: re-examining:G: re-explore:V: re-export:N: re-exports:S: re-incorporated:E: re-incorporation:N:
re-injecting:J: re-instated:E: re-insure:V: re-introduction:N:w re-invested:JE: re-investment:N: re-legalization:V: re-living:N: re-marketing:N:
re-moralizing:G: re-open:V: re-opening:G: re-order:J: re-oriented:E: re-paid:D: re-rated:E: re-regulation:N: re-rescue:V: re-run:E: re-runs:S:
re-scheduled:E: re-set:V: re-sharpening:N: re-supplied:E: re-thinking:G: re-thought:J: re-use:V: re-used:E: re-vision:N: re:N:x reaccelerate:V:
reaccelerating:G: reacceleration:N: reach:VN:l reached:ED: reaches:PS: reaching:GN:a reacquainted:E: reacquire:V: reacquired:E: reacquisition:N:
react:V: reactant:N:x reactants:S: reacted:DE: reacting:G: reaction:N:s reactionaries:S: reactionary:JN:p reactions:S: reactivated:ED: reactivity:N:k
reactor:N:x reactors:S: reacts:P: read-my-lips:J: read-only:J: read:VNDE:w readable:J: readapting:G: reader-friendly:J: reader:N:p readers:S:
readership:N:g readied:ED: readily:R: readiness:N:s reading-rooms:S: reading:NG:k readings:S: readjust:V: readjusted:E: readjustment:N:a
readjustments:S: readmit:V: readmitted:E: reads:P: ready-made:J: ready-to-eat:J: ready-to-wear:J: ready:JRV: readying:G: reaffirm:V: reaffirmation:N:w
reaffirmed:DE: reaffirming:G: reaffirms:P: reagent:N:x reagents:S: real-analytic:J: real-estate-asset:J: real-estate-investment:N:
real-estate-related:J: real-estate:NJ: real-life:J: real-time:J: real-world:J: real:JNR:q realer:J: realest:J: realestate:NV: realign:V: realigned:DJ:
realigning:G: realignment:N: realignments:S: realism:N:u realist:N:p realistic:J: realistically:R: realists:S: realities:S: reality-based:J:
reality:N:k realization:N:k realize:V: realized:DJE: realizes:P: realizing:G: reallocate:V: reallocated:E: reallocating:G: really:R: realm:N:s
realms:S: realness:N:s realtor:N:p realtors:S: realty:N:m reams:S: reap:V: reaped:ED: reaper:N:p reaping:G: reappear:V: reappearance:N:a reappeared:DE:
reappearing:G: reappears:P: reappointed:E: reapportion:V: reapportioned:E: reapportionment:N:a reappraisal:N:k reappraisals:S: reappraise:V:
reappraised:DE: reappraising:G: reaps:P: rear-guard:J: rear-looking:J: rear-seat:N: rear:JNV:g reared:DE: rearguard:N:g rearing:GN:u rearm:V:
rearmed:J: rearrange:V: rearranged:D: rearrangement:N:a rearrangements:S: rearranges:P: rearranging:G: rears:P: rearview:N: rearward:N:l reasearch:N:
reason:NV:k reasonable:J: reasonably:R: reasoned:DJE: reasoning:NG:k reasons:SP: reassemble:V: reassembled:E: reassert:V: reasserting:G: reasserts:P:
reassess:VN: reassessed:D: reassessing:G: reassessment:N:k reassign:V: reassigned:ED: reassignment:N:a reassignments:S: reassume:V: reassumed:E:
reassurance:N:a reassurances:S: reassure:V: reassured:ED: reassuring:GJ: reassuringly:R: reattached:E: reauthorization:N: reauthorize:V:
reauthorized:E: reawaken:V: reawakening:G: reb:N:p rebalance:V: rebalanced:E: rebalancing:G: rebate:N:m rebated:E: rebates:S: rebel:NVJ:p rebelled:DE:
rebelling:G: rebellion:N:a rebellions:S: rebellious:J: rebelliously:R: rebels:SP: rebirth:N:s reborn:EJ: rebound:NV:a rebounded:DEVN: rebounding:G:
rebounds:PS: rebuff:N:a rebuffed:ED: rebuffing:G: rebuild:V: rebuilder:N: rebuilding:GN:a rebuilds:P: rebuilt:E: rebuke:VN:w rebuked:DE: rebut:V:
rebuts:P: rebuttal:N:w rebuttals:S: rebutted:ED: rec:N: recalcitrant:J: recalculated:DE: recalculating:G: recalculation:N:a recalculations:S:
recall:VN:w recalled:DE: recalling:GN: recalls:PS: recantation:N:w recanted:DE: recapitalization:N: recapitalizations:S: recapitalize:V:
recapitalized:E: recapitalizing:G: recapitulate:V: recapitulation:N:s recaptilization:N: recapture:VN:a recaptured:E: recapturing:G: recast:V:
recede:V: receded:DE: receding:G: receipt:N:a receipts:S:m receivable:JN: receivables:NS:m receive:V: received:DEJ: receiver:N:x receivers:S:
receivership:N:s receives:P: receiving:GN: recent:J: recently-announced:J: recently-filed:J: recently-passed:J: recently:R: recentralized:E:
recentralizing:G: receptacle:N:x reception:N:w receptionist:N:p receptionists:S: receptions:S: receptive:J: receptivity:N:u receptor:N:x receptors:S:
recess:N:s recessed:E: recession-free:J: recession-inspired:J: recession-oriented:J: recession-plagued:J: recession-proof:J: recession-resistant:J:
recession-sensitive:J: recession-wary:J: recession:N:s recessionary:J: recessions:S: recharge:N: rechargeable:J: recharged:E: recharging:G:
rechartering:G: recheck:V: rechristening:G: rechristens:P: recipe:N:w recipes:S: recipient:JN:p recipients:S: reciprocal:J: reciprocate:V:
reciprocates:P: reciprocity:N:z recital:N:w recitals:S: recitation:N:w recitations:S: recitative:N:w recite:V: recited:D: recites:P: reciting:G:
reckless-endangerment:N: reckless:J: recklessly:R: recklessness:N:u reckon:V: reckoned:ED: reckoning:NG:k reckonings:S: reckons:P: reclaim:V:
reclaimed:EDJ: reclaiming:G: reclaims:P: reclamation:N:a reclassification:N:a reclassified:DE: recliner:N:x reclining:GJ: recluse:N:p reclusive:J:
recoated:E: recognised:D: recognition:N:s recognitions:S: recognizable:J: recognizably:R: recognizance:N:m recognize:V: recognized:EJD: recognizes:P:
recognizing:G: recoil:NV:a recoiled:D: recoilless:J: recollect:V: recollected:D: recollection:N:k recollections:S: recollectivization:N: recombinant:J:
recombination:N:a recommence:V: recommend:V: recommendation:N:w recommendations:S: recommendatons:S: recommended:DEJ: recommending:G: recommends:P:
recompence:N: recompense:N:m reconceptualization:N: reconcilable:J: reconcile:V: reconciled:E: reconciles:P: reconciliation:N:a reconciliations:S:
reconciling:G: recond:D: recondite:J: reconditioning:G: reconfiguration:N: reconfigure:N: reconfirm:V: reconfirmation:N: reconfirming:G:
reconnaissanace:N: reconnaissance:N:a reconnect:V: reconnoiter:V: reconsider:V: reconsideration:N:w reconsidered:ED: reconsidering:G: reconstitute:V:
reconstituting:G: reconstruct:V: reconstructed:JDE: reconstructing:G: reconstruction:N:t reconstructions:S: reconstructs:P: recontamination:N:
reconvened:E: reconvenes:P: reconvention:N: reconverting:G: recooned:D: recopied:E: record-breaking:J: record-high:J: record-keeping:NJ:
record-tying:J: record:NJV:w recorded-music:J: recorded:EDJ: recorder:N:x recorders:S: recording-company:N: recording:NG:x recordings:S:
recordkeeping:N: records:SP: recork:V: recount:VN:a recounted:DE: recounting:G: recounts:P: recoup:V: recouped:DE: recouping:G: recourse:N:a recover:V:
recoverability:N: recoverable:J: recovered:DE: recoveries:S: recovering:G: recovers:P: recovery-program:N: recovery:N:a recraft:V: recreate:V:
recreated:E: recreates:P: recreating:G: recreation:N:a recreational-vehicle:NJ: recreational:J: recrimination:N:w recriminations:S: recruit:VN:p
recruited:ED: recruiter:N:p recruiting:GN: recruitment:N:a recruits:SP: rectangle:N:u rectangles:S: rectangular:J: rectification:N:s rectified:E:
rectifier:N:x rectify:V: rectifying:G: rectilinear:J: rectitude:N:u rectlinearly:R: rector:N:p rectum:N:x recumbent:J: recuperate:V: recuperating:G:
recuperation:N:s recur:V: recurred:DE: recurrence:N:a recurrences:S: recurrent:J: recurrently:R: recurring:G: recursive:J: recusant:N:p recused:E:
recut:J: recyclability:N: recyclable:J: recycle:V: recycled:EJD: recycler:N: recycles:P: recycling:NG:x red-and-white:J: red-and-yellow:J:
red-bellied:J: red-blood:J: red-blooded:J: red-brick:J: red-carpet:J: red-cheeked:J: red-clay:N: red-faced:J: red-figured:J: red-flag:V: red-frocked:J:
red-haired:J: red-handed:J: red-light:J: red-necked:J: red-rimmed:J: red-tailed:J: red-tape:N: red-tile:J: red-tipped:J: red-turbaned:J: red-visored:J:
red-white-and-blue:J: red:JN:u redactions:S: redactor:N:p redcoat:N:p redcoats:S: reddened:DV: redder:JR: reddish:J: redecorated:E: redecorating:GN:
redecoration:N: rededicate:V: rededicating:G: redeem:V: redeemable:J: redeemded:E: redeemed:ED: redeemin:G: redeeming:GJ: redeems:P: redefine:V:
redefined:D: redefining:G: redefinition:N:w redelivered:E: redemption:N:a redemptions:S: redemptive:J: redeploy:V: redeployment:N:a redeposition:N:s
redesign:NV: redesignation:N: redesigned:EDJ: redesigning:G: redevelop:V: redevelopers:S: redevelopment:N:a redfish:N:f redhead:N:p redheaded:J:
redheader:N:p redheads:S: redial:V: redirect:V: redirected:ED: redirecting:G: redirection:N: rediscover:V: rediscovered:E: rediscovering:G:
rediscovery:N:a redistribute:V: redistributed:E: redistributes:P: redistributing:G: redistribution:N:a redistributionism:N: redistributionist:N:
redistributive:J: redistricting:GN: redlining:G: redneck:N:p rednecks:S: redo:V: redoing:G: redone:JN: redouble:V: redoubled:ED: redoubling:G:
redoubt:N:x redound:V: redounds:P: redraw:V: redrawn:J: redress:VN:m redressed:E: reds:S: reduce:V: reduced-fat:J: reduced-instruction:N: reduced:EDJ:
reducer:N:x reduces:P: reducing:GN:s reduction:N:a reductions:S: redundancies:S: redundancy:N:w redundant:J: redwood:N:b redwoods:S: reedbuck:N:
reeds:S: reedy:J: reef:N:x reefs:S: reek:VN:k reeked:D: reeking:G: reel:NV:x reelected:E: reelection:N:a reeled:DE: reeling:G: reemerged:D:
reemphasizes:P: reenact:V: reenforcement:N:w reentered:D: reestablish:V: reevaluation:N:k reexamination:N:w reexamine:V: reexamining:G: refashion:NV:
refashioning:G: refectories:S: refectory:N:x refer:V: referee:N:p referees:S: reference-points:S: reference:N:w references:S: referenda:N:
referendum:N:a referent:N:w referral:N:p referrals:S: referred:ED: referrin:G: referring:G: refers:P: refight:V: refile:V: refill:NV:x refillable:J:
refilled:E: refinance:V: refinanced:ED: refinancing:NG: refinancings:S: refine:V: refined:JE: refinement:N:s refinements:S: refiner:N:p refineries:S:
refiners:S: refinery:N:x refining:NG:s refitting:G: reflect:V: reflectance-measuring:J: reflectance:N:q reflected:DJE: reflecting:GJ: reflection:N:k
reflections:S: reflective:J: reflector:N:x reflectors:S: reflects:P: reflex:NJ:a reflexes:S: reflexively:R: reflexly:R: refocus:V: refocused:DE:
refocuses:PV: refocusing:NG:a refolded:D: reforestation:N:a reform-minded:J: reform:NV:a reformation:N:s reformatory:N:x reformed:EJD: reformer:JN:p
reformers:S: reforming:G: reformism:N:k reformist:NJ:p reformists:S: reforms:S: reformulated:EJ: reformulation:N: refracted:D: refraction:N:s
refractive:J: refractories:S: refractory:JN:x refrain:VN:w refrained:DE: refraining:G: refresh:V: refreshed:JDE: refresher:N:m refreshing:JG:
refreshingly:R: refreshment:N:f refreshments:S: refrigerant:N:x refrigerated:EJ: refrigeration:N:s refrigerator:N:x refrigerators:S: refuel:V:
refueling:NG:a refuge:N:l refugee-assistance:N: refugee:N:p refugees:S: refund:NV:m refundable:J: refunded:E: refunding:GJN: refunds:S: refurbish:V:
refurbished:E: refurbishing:GN: refurbishment:N:s refurnished:E: refusal:N:w refuse-littered:J: refuse:VN:x refused:DE: refusers:S: refuses:P:
refusing:GN: refute:V: refuted:DE: regain:V: regained:DE: regaining:G: regains:P: regal:J: regaled:DE: regalia:S:x regard:NV:k regarded:EJD:
regarding:G: regardless:R: regards:PS: regattas:S: regenerate:V: regenerates:P: regenerating:G: regeneration:N:s regents:S: reggae-and-rock:J:
reggae:N:w regime:N:g regimen:N:k regiment:NV:g regimentation:N:a regimented:EJ: regiments:S: regimes:S: region-by-region:J: region:N:l regional:J:
regionalism:J: regionally:R: regionals:S: regions:S: register:VN:w registered:EDJ: registering:G: registers:SP: registrant:N:p registrants:S:
registrar:N:p registration:N:a registrations:S: registries:S: registry:N:w regress:V: regression:N:s regressive:J: regret:VN:s regrets:PS:w
regrettable:J: regrettably:R: regretted:DE: reground:J: regroup:V: regrouped:DE: regrouping:NG: regular-featured:J: regular-season:J: regular:J:
regularity:N:u regularly:R: regulars:S: regulate:V: regulated:EJD: regulates:P: regulating:GN:a regulation-writing:J: regulation:NJ:w regulations:S:
regulative:J: regulator:N:x regulators:SP: regulatory:J: reguli:S: regulus:N:x regummed:D: regurgitated:DE: regurgitating:G: rehabilitate:V:
rehabilitated:E: rehabilitating:G: rehabilitation:N:a rehabilitations:S: reharmonization:N:w rehash:NV:w rehashed:D: rehashing:G: rehear:V:
rehearing:N:a rehearsal:N:a rehearsals:S: rehearse:V: rehearsed:E: rehearsing:G: reich:N:g reign:NV:t reigned:D: reigning:G: reignite:VN: reignited:DE:
reigniting:G: reigns:P: reimburse:V: reimburseable:J: reimbursed:ED: reimbursement:N:m reimbursements:S: reimburses:P: reimbursing:G: reimpose:VJ:
rein:VN:x reinbursement:N: reincarcerated:E: reincarnated:DE: reincorporated:E: reincorporating:G: reindicting:G: reined:DE: reinforce:V:
reinforced-fiberglass:J: reinforced:EDJ: reinforcement:N:a reinforcements:S: reinforces:P: reinforcing:G: reining:G: reinman:N: reins:S: reinstall:V:
reinstalled:E: reinstate:V: reinstated:DE: reinstatement:N:s reinstating:G: reinstituting:G: reinstitution:N: reinsurance:N:m reinsure:V: reinsured:E:
reinsurer:J: reinsurers:S: reinsuring:G: reintegrated:E: reinterpret:V: reinterpretation:N:k reinterpreted:E: reinterpreting:G: reintroduce:V:
reintroduced:ED: reintroduces:P: reintroducing:G: reinvent:V: reinvented:DE: reinvest:V: reinvested:ED: reinvestigating:G: reinvestigation:N:
reinvesting:G: reinvestment:N: reinvigorate:V: reinvigorated:E: reinvigorating:G: reinvigoration:N: reissue:N:w reiterate:V: reiterated:DE:
reiterates:P: reiterating:G: reiteration:N:a reject:V: rejected:DE: rejecting:G: rejection:N:a rejections:S: rejects:PS: rejiggering:G: rejoice:V:
rejoiced:D: rejoices:P: rejoicing:GN:s rejoin:V: rejoinder:N:w rejoined:DE: rejoining:G: rejoins:P: rejuvenate:V: rejuvenated:EJ: rejuvenates:P:
rejuvenation:N:s rekindle:V: rekindled:E: rekindles:P: rekindling:GN: relabeling:G: relapse:N:a relapsed:D: relate:V: related:EJD: relatedness:N:z
relates:P: relating:G: relation-back:J: relation:N:z relational:J: relations:S:z relationship-building:N: relationship:N:z relationships:S:
relative-performance:J: relative:JN:p relatively:R: relatives:S: relativism:N:k relativist:N: relativistic:J: relativity:N:k relatonship:N: relaunch:V:
relaunched:E: relax:V: relaxation:N:s relaxed:EJD: relaxer:N:x relaxes:P: relaxing:GJ: relay:VN:a relayed:DE: relaying:G: relearns:P: release:NV:x
released:ED: releases:SP: releasing:G: relegated:ED: relegating:G: relent:V: relented:DE: relenting:G: relentless:J: relentlessly:R: relentlessness:N:u
relevance:N:z relevancy:N:z relevant:J: reliability:N:u reliable:J: reliables:S: reliably:R: reliance:N:k reliant:J: relic:N:x relicensing:N: relics:S:
relict:N:b relied:EVD: relief:N:s reliefs:S: relies:P: relieve:V: relieved:EDJ: reliever:N:p relieves:P: relieving:G: religion:N:k religionist:N:p
religionists:S: religions:S: religiosity:N:u religious-right:N: religious:JIN:p religiously:R: religiousness:N:u relinquish:V: relinquished:DE:
relinquishing:GN:w relish:NV:s relished:D: relishes:PS: relishing:G: relisting:N: relive:V: relives:P: reliving:NG:k reloaded:DE: relocate:VN:
relocated:DE: relocating:G: relocation:N:a relocations:S: reluctance:N:s reluctant:J: reluctantly:R: rely:V: relying:G: relyriced:D: remade:ENV:
remain:V: remainder:N:z remained:DE: remaining:GJ: remains:PS:x remake:V: remakes:S: remanded:DE: remanding:G: remark:NV:w remarkable:J: remarkably:R:
remarked:DE: remarketings:S: remarking:G: remarks:SP: remarried:DE: remarry:V: remarrying:N: rematch:N:a rematches:S: remedial:J: remediation:N:a
remedied:E: remedies:S: remedy:NV:a remember:V: remembered:DJE: remembering:GN:k remembers:P: remembrance:N:k remembrances:S: remind:V: reminded:DE:
reminder:N:w reminders:S: reminding:G: reminds:P: reminisced:DE: reminiscence:N:k reminiscences:S: reminiscent:JN: reminisces:P: reminiscing:G:
remiss:J: remission:N:a remissions:S: remittances:S: remitted:E: remitting:G: remnant:N:z remnants:S: remodeled:DE: remodeling:GN: remolding:G:
remonstrance:N:w remonstrate:V: remonstrated:D: remora:S:n remorse:N:s remorseful:J: remorseless:J: remote-control:J: remote-controlled:J:
remote-site:N: remote:J: remotely:R: remoteness:N:u remoter:J: remotest:J: remounting:G: removable:J: removal:N:a remove:V: removed:EJD: removes:P:
removing:G: remuda:N:g remunerated:E: remuneration:N:m remunerative:J: renaissance:N:t renal:J: rename:V: renamed:ED: renames:P: renaming:G:
renationalize:V: renaturation:N: rend:V: render:V: rendered:ED: rendering:GN:w renderings:S: renders:P: rendezvous:N:a rendezvoused:D: rendition:N:w
renditions:S: renegade:N:p renege:V: reneged:D: reneging:G: renegotiable:J: renegotiate:V: renegotiated:ED: renegotiating:G: renegotiation:N:
renegotiations:S: renew:V: renewable:J: renewal:N:a renewals:S: renewed:EDJ: renewing:G: renews:P: renounce:V: renounced:D: renouncing:G: renovate:V:
renovated:EJ: renovating:G: renovation:N:a renovations:S: renown:NV:s renowned:JE: rent-a-colonel:N: rent-control:N: rent-controlled:J: rent-free:J:
rent-subsidized:J: rent-subsidy:J: rent:NVE:m rental-car:N: rental:JN:m rentals:S: rented:EJD: renter:N:p renters:S: renting:GN:a rents:SP:
renunciation:N:w renunciations:S: reoccupation:N: reoffered:EJD: reoffering:GN: reopen:V: reopened:DEV: reopening:G: reopens:P: reorder:V:
reordering:NG:a reorganization-plan:J: reorganization:N:a reorganizations:S: reorganize:V: reorganized:EJD: reorganizes:P: reorganizing:G: reorient:V:
reorientation:N:k reoriented:E: rep:N:p repackage:V: repackaged:E: repackaging:G: repaid:ED: repainted:EJ: repainting:NG: repair:NV:a repaired:ED:
repairing:GN: repairman:N:p repairmen:S: repairs:SP: reparation:N:m reparations:S: repartee:N:w repassed:E: repatriate:V: repatriated:E:
repatriating:G: repatriation:N:a repatriations:S: repay:V: repayable:J: repaying:G: repayment:N:a repayments:S: repeal:NV:a repealed:ED: repealing:G:
repeals:P: repeat:VJN:a repeated:EDJ: repeatedly:R: repeater:N:p repeaters:S: repeating:GJ: repeats:PS: repel:V: repelled:ED: repellent:JN:x
repelling:G: repels:P: repent:V: repentance:N:s repentant:J: repercussions:S: repertoire:N:g repertory:N:x repetition:N:a repetitions:S: repetitious:J:
repetitive:J: rephrase:V: rephrased:E: replace:V: replaced:ED: replacement-car:N: replacement:NJ:a replacements:S: replaces:P: replacing:G:
replanted:E: replaster:V: replay:N:a replaying:G: replays:S: replenish:V: replenished:ED: replenishment:N:s replete:J: replica:N:x replicate:V:
replicated:E: replicating:G: replication:N:a replied:DE: replies:PS: reply:NV:w replying:G: repond:V: reponsibility:N: report:NV:w reportage:N:w
reported:DJVE: reportedly:R: reporter:N:p reporters:S: reporting:GN:w reportorial:J: reports:SP: repose:N:a reposed:DE: reposition:V:
repositioning:NG:a repositories:S: repository:N:x repossesed:J: repossess:V: repossessed:JE: reprehensible:J: represent:V: representation:N:k
representational:JN: representations:S: representative:NJ:p representatives:S: represented:ED: representing:G: representives:S: represents:P:
repress:V: repressed:EJ: repressers:S: repressing:G: repression:N:s repressions:S: repressive:J: reprice:V: repriced:E: repricing:N: reprieve:N:s
reprimanded:E: reprimanding:G: reprint:V: reprinted:ED: reprinting:G: reprints:SP: reprisal:N:a reprisals:S: reproach:N:w reproaches:P: reprobate:N:p
reprobating:G: reprocess:V: reproduce:V: reproduced:ED: reproduces:P: reproducibilities:S: reproducibility:N:u reproducible:J: reproducibly:R:
reproducing:G: reproduction:N:s reproductions:S: reproductive:J: reprographic:J: reproof:N:w reproval:N:w reprove:V: reprovingly:R: reps:S: reptile:N:n
reptilian:J: republic:N:g republican:J: republics:S: repudiate:V: repudiated:ED: repudiating:G: repudiation:N:w repugnance:N:s repugnant:J: repulsed:E:
repulsion:N:s repulsions:S: repulsive:J: repurchase:NDEJV:a repurchased:ED: repurchases:S: repurchasing:G: reputable:J: reputation:N:s reputations:S:
repute:N:s reputed:EJ: reputedly:R: reqion:N: requalify:V: request:NV:w requested:DE: requesters:S: requesting:G: requests:SP: require:V: required:EDJ:
requirement:N:k requirements:S: requires:P: requiring:G: requisite:J: requisites:S: requisition:NV:w requisitioned:DE: requsting:G: reread:VDE:
reregulate:V: reregulation:N: reroofing:N: rerouted:E: rerouting:G: rerun-sales:S: rerun:N:w reruns:S: resale:N:a resales:S: reschedulable:J:
reschedule:V: rescheduled:DE: rescheduling:GN: rescind:V: rescinded:ED: rescinding:G: rescission:N:a rescissions:S: rescue:NV:a rescued:ED: rescuers:S:
rescues:SP: rescuing:G: reseachers:S: resealed:E: research-and-development:NJ: research-and-production:J: research-based:J: research-heavy:J:
research-staff:N: research:NV:a researchable:J: researched:ED: researcher:N:p researchers:S: researches:PS: researching:G: resell:VJ: reseller:JN:
resellers:S: reselling:G: resells:P: resemblance:N:u resemblances:S: resemble:V: resembled:D: resembles:P: resembling:G: resent:V: resented:DE:
resentful:J: resentment:N:s resents:P: reserpine:N:x reservation:N:l reservations:S: reserve-building:N: reserve-draining:J: reserve:NJV:u
reserved:EDJ: reserves:SP:g reserving:G: reservists:S: reservoir:N:q reservoirs:S: reset:NEJV:x resettable:J: resettle:V: resettled:E: resettlement:N:a
resettling:G: resew:V: reshape:V: reshaped:ED: reshapes:P: reshaping:GN: reshuffle:NV:a reshuffled:D: reshuffling:GN:a reshufflings:S: reside:V:
resided:DE: residence:N:l residences:S: residency:N:a resident:NJ:p residential-real-estate:J: residential:J: residentially:R: residents:S: resides:P:
residing:G: residual:JN:z residuals:S: residue:N:x residues:S: resifted:E: resign:V: resignation:N:s resignations:S: resigned:DEJ: resignedly:R:
resigning:GN: resigns:P: resilience:N:u resiliency:N:a resilient:J: resiliently:R: resin-saturated:J: resin:N:x resinlike:J: resins:S: resiny:J:
resist:V: resistance:N:a resistances:S: resistant:JN: resisted:ED: resisting:G: resistive:J: resistor:N:x resistors:S: resists:P: resold:EDV:
resolute:J: resolutely:R: resolution:N:w resolutions:S: resolve:VN:u resolved:ED: resolves:P: resolving:G: resonable:J: resonance:N:s resonances:S:
resonant:J: resonantly:R: resonate:V: resonated:D: resonates:P: resorcinol:NJ:x resort-casino:N: resort:NV:l resorted:E: resorting:G: resorts:SP:
resounding:J: resounds:P: resource-intensive:J: resource-use:N: resource-wasting:J: resource:N:m resourceful:J: resourcefully:R: resourcefulness:N:u
resources:S: respect:NV:k respectability:N:u respectable:J: respected:EJD: respectful:J: respectfully:R: respecting:G: respective:J: respectively:R:
respects:SP:w respiration:N:a respirators:S: respiratory:J: respite:N:s resplendent:J: respond:VN: responded:DE: respondent:N:p respondents:S:
responding:G: responds:P: response:N:s responses:S: responsibilities:S: responsibility:N:a responsible:J: responsiblilty:N: responsibly:R:
responsive:J: responsively:R: responsiveness:N:k rest-room:N: rest:NVR:z restaffed:D: restaged:E: restaging:G: restart:V: restarted:ED: restarters:S:
restarting:G: restate:V: restated:EDJ: restatement:N:w restates:P: restating:G: restaurant-development:N: restaurant-industry:J: restaurant:N:x
restaurants:S: restaurateur:N:p restaurateurs:S: rested:DE: restful:J: resting:G: restitution:N:m restive:J: restively:R: restless:J: restlessly:R:
restlessness:N:u restock:V: restorability:N: restoration:N:t restorative:J: restore:V: restored:ED: restorer:N:p restorers:S: restores:P: restoring:GN:
restrain:V: restrained:EDJ: restraining:GJN: restrains:P: restraint:N:a restraints:S: restrict:V: restricted-entry:J: restricted:EJD: restricting:GJ:
restriction:N:k restrictions:S: restrictive:J: restricts:P: restroom:N:x restructure:VN: restructured:EDJ: restructures:P: restructuring:NGJ:
restructurings:S: rests:PS: restuarant:J: restudy:N: restyled:EJ: resublimed:E: resubmit:V: resubmitted:D: result:NV:s resultant:JN:s resultants:S:
resulted:DE: resulting:GJ: results-oriented:J: results:SP: resume:VN:w resumed:DE: resumes:PS: resuming:G: resumption:N:a resurfaced:DE: resurgence:N:a
resurgent:J: resurging:G: resurrect:V: resurrected:ED: resurrecting:G: resurrection:N:a resurrects:P: resuscitate:V: resuscitated:E: resuscitating:G:
resuscitation:N:a resuspended:ED: resuspension:N:x retail-banking:JN: retail-based:J: retail-brokerage:J: retail-distribution:N: retail-sales:JS:
retail-sized:J: retail-volume:N: retail:JNV:a retailed:E: retailer-sales:J: retailer:N:p retailers:S: retailing:NG:a retails:PS: retain:V:
retained:EJD: retainer:N:m retainers:S: retaining:G: retains:P: retake:V: retaking:G: retaliate:V: retaliated:D: retaliating:G: retaliation:N:a
retaliatory:J: retard:V: retardant:N:x retardants:S: retardation:N:u retarded:JN:g retarding:G: retargeting:G: retch:NV:a retching:GN: retell:V:
retelling:N: retention:N:a retentive:J: retentiveness:N:k rethink:VN:k rethinking:G: rethought:J: reticence:N:u reticent:J: reticulate:J: retied:D:
retina:N:x retinal:J: retinoblastoma:N:s retinue:N:g retire:V: retired:EJD: retiree:N:p retirees:S: retirement-savings:J: retirement-system:J:
retirement:N:s retirements:S: retires:P: retiring:GJ: retold:D: retooled:ED: retooling:GN: retools:P: retort:NV:w retorted:D: retorts:SP: retouching:N:
retrace:V: retraced:D: retracing:G: retract:V: retractable:J: retracted:EDJ: retracting:G: retraction:N:w retrain:V: retrained:E: retraining:NG:a
retranslated:E: retread:N:x retreat:NV:a retreated:DE: retreating:G: retreats:S: retrench:V: retrenching:NG: retrenchment:N:x retrial:N:a
retribution:N:m retried:E: retrievable:J: retrieval:N:s retrieve:V: retrieved:ED: retriever:N:n retro:J: retroactive:J: retroactively:R:
retroactivity:N: retrofit:V: retrofitted:E: retrofitting:N: retrogradations:S: retrograde:J: retrogressive:J: retrospect:N:k retrospective:NJ:g
retroviral:J: retrovirus:N:n retroviruses:S: retrovision:N:k retry:V: return-on-savings:J: return-preparer:N: return-printing:J: return:NVJ:w
returned:DE: returning:G: returns:SP: reunifed:E: reunification:N:a reunion:N:g reunions:S: reunite:V: reunited:E: reuniting:G: reupholstering:G:
reusable:J: reuse:V: reused:E: reusing:G: revaluation:N:k revalued:E: revaluing:N: revamp:VN: revamped:EDJ: revamping:GN: revamps:P: reveal:V:
revealed:DJE: revealing:GJ: reveals:P: reveille:N:w revel:VN:a revelation:N:w revelations:S: revelatory:J: reveled:D: revelers:S: reveling:G:
reveller:N:p revellers:S: revelling:G: revellings:S: revelry:N:a revels:S: revenge-seeking:J: revenge:N:a revenue-desperate:J: revenue-generating:J:
revenue-law:JN: revenue-losing:J: revenue-neutral:J: revenue-producing:J: revenue-raisers:S: revenue-raising:JN: revenue-sharing:J: revenue:N:m
revenuers:S: revenues:S: reverberate:V: reverberated:ED: reverberating:G: reverberation:N:u reverberations:S: revered:EJ: reverence:N:s reverend:N:p
reverent:J: reverential:J: reverie:N:k reversal:N:a reversals:S: reverse-engineering:N: reverse-reverse:J: reverse-surface:J: reverse:VJNR:z
reversed:DJE: reverses:PS: reversibility:N:u reversible:J: reversing:G: revert:V: reverted:DE: reverting:G: reverts:P: revery:N:k revetment:N:x
revetments:S: review:NV:k reviewed:ED: reviewer:N:p reviewers:S: reviewing:GN: reviews:SP: reviled:EJ: revise:V: revised:EDJ: revises:P: revising:G:
revision:N:a revisionist:J: revisionists:S: revisions:S: revisit:VN: revisited:DE: revisits:P: revitalization:NJ:a revitalize:V: revitalized:DE:
revitalizing:G: revival:N:a revivalism:N:k revivals:S: revive:V: revived:ED: revives:P: revivified:E: reviving:GJ: revocable:J: revocation:N:s
revoke:V: revoked:E: revoking:G: revolt:N:a revolted:D: revolting:J: revoltingly:R: revolts:S: revolution:N:a revolutionaries:S: revolutionary:JN:p
revolutionists:S: revolutionize:V: revolutionized:DE: revolutionizing:G: revolutions:S: revolve:V: revolved:DE: revolver:N:x revolves:P: revolving:GJ:
revs:P: revulsion:N:s revved:DE: reward:NV:a rewarded:ED: rewarding:JG: rewards:SP: reweave:V: reworked:DE: reworking:N: rewrapped:N: rewrite:VN:w
rewrites:P: rewriting:G: rewritten:E: rewrote:D: rewt:N: rf:N:x rh:N:x rhapsodic:J: rhapsodize:V: rhapsodizing:G: rhapsody:N:s rhenium:N:x rhetoric:N:w
rhetorical:J: rhetorician:N:p rhetoricians:S: rheum:N:x rheumatic:J: rheumatism:N:s rheumatoid:J: rhinestones:S: rhino:N:n rhinoceros:N:n rhinos:S:
rhinotracheitis:N:s rhinovirus-receptors:S: rhododendron:N:b rhu-beb:N: rhubarb-like:J: rhubarb:N:f rhyme:N:w rhymed:D: rhymes:PS: rhyming:G:
rhythm-and-blues:NS: rhythm:N:w rhythmic:J: rhythmical:J: rhythmically:R: rhythms:S: rib:N:x ribald:J: ribbed:J: ribbies:S: ribbing:N:x ribbon:N:x
ribbons:S: ribcage:N: ribes:N:b riboflavin:N:x ribonucleic:J: ribosomal:J: ribozyme:N: ribozymes:S: ribs:S: rice-processing:J: rice:N:f rich:JSN:g
riche:J: richer:J: riches:SN:m richest:J: richissimos:S: richly:R: richmond:N:l richness:N:u rickety:J: ricocheted:D: rid:JDERV: riddance:N:a ridden:E:
ridding:G: riddle:N:w riddled:EJ: riddles:S: riddling:G: ride:VN:a rider-fashion:J: rider:N:p riders:S: ridership:N: rides:SP: ridge:N:x ridges:S:
ridicule:NV:w ridiculed:E: ridicules:P: ridiculing:G: ridiculous:J: ridiculously:R: riding:GJN:a ridings:S: rife:J: riff:N:p riffing:G: riffle:V:
riffs:S: rifle-shotgun:N: rifle:N:x rifled:J: rifleman:N:p riflemen-rangers:S: riflemen:S: rifles:S: rifling:N:a rift:N:x rifts:S: rig-veda:N:w
rig:NV:x rigatoni:N:f rigged:EDJ: rigger:N:p riggers:S: rigging:N:x right-angle:N: right-angled:J: right-angling:N: right-field:N: right-hand:J:
right-handed:J: right-hander:N:p right-of-entry:N: right-to-counsel:J: right-to-life:J: right-to-lifers:S: right-to-privacy:J: right-to-work:J:
right-wing:JN: right-wingers:S: right:NRVIJ:u righted:E: righteous:J: righteousness:N:u rightfield:N:x rightful:J: rightfully:R: righthander:N:p
rightist:J: rightly:R: rightness:N:u rights-of-way:J: rights:S: rightward:J: rigid:J: rigidities:S: rigidity:N:u rigidly:R: rigids:S: rigor:N:u
rigorous:J: rigorously:R: rigors:S: rigs:S: rile:V: riled:E: riles:P: rill:N:x rim-fire:JN: rim-fires:SN: rim:NV:u rime:N:x rimless:J: rimmed:JD:
rims:S: rinds:S: ring-around-a-rosy:N:a ring-around-the-rosie:N: ring-labeled:J: ring:NV:u ringed:JE: ringer:N:p ringers:S: ringing:GN:a ringings:S:
ringleader:N:p ringlets:S: rings:SP:x ringside:N:x ringsiders:S: rink:N:x rinse:NV:x rinses:S: rinsing:NG:a riot:N:a rioted:D: rioters:S: rioting:N:s
riotous:J: riots:S: rip-off:N:a rip-roaring:J: rip:VN:p ripe:J: ripen:V: ripened:DE: ripening:GJ: ripens:P: ripoff:N: ripoffs:S: ripped:DE: ripping:G:
ripple:NVJ:a rippled:D: ripples:S: rippling:G: rise-perhaps:R: rise:NV:a risen:E: rises:PS: risible:J: rising:GNJ:a risk-analysis:N: risk-averse:J:
risk-benefited:N: risk-capital:J: risk-fraught:J: risk-free:J: risk-management:N: risk-takers:S: risk-taking:N: risk:NV:s risked:DE: riskier:JRN:
riskiest:J: riskiness:N:s risking:G: risks:SP: risky:J: rite:N:a rites:S: ritiuality:N: ritual:N:a ritualized:E: rituals:S: ritzy:J: rival-bashing:J:
rival:JNV:p rivaled:D: rivaling:G: rivalled:D: rivalries:S: rivalry:N:a rivals:SP: riven:E: river:N:x riverbank:N:x riverbanks:S: riverboat:N:
riverfront:N: rivers:S: riverside:N:x riveted:ED: riveting:GJ: rivets:PS: rivulet:N:x rivulets:S: roach:N:x road-building:JN: road-circuit:N:
road-construction:JN: road-crossing:N: road-map:N: road-show:N: road-shy:J: road:N:x roadbed:N:x roadblock:N:k roadblocks:S: roadbuilding:N:
roadhouse:N:x roadrunner:N:n roads:S:l roadside:NJ:x roadster:N:x roadway:N:x roadways:S: roam:V: roamed:D: roaming:GN: roams:P: roar:NV:a roared:D:
roarer:N:p roaring:GJN:a roaringest:J: roars:P: roast:NVE:f roasted:EJD: roasters:S: roasts:S: rob:V: robbed:ED: robber:N:p robberies:S: robbers:S:
robbery:N:a robbing:G: robe:N:x robed:E: robes:S: robin:N:n robing:N: robot:N:x robotic:J: robotics:S:k robotism:N: robots:S: robs:P: robust:J:
robustly:R: robustness:N:u rock-and-roll:N:w rock-carved:J: rock-hard:J: rock-like:J: rock-ribbed:J: rock-scored:J: rock-steady:N: rock-strewn:N:
rock:NJV:x rockbound:J: rocked:DE: rocker:N:p rockers:S:g rocket-bomb:N: rocket-bombs:S: rocket-fuel:N: rocket-like:J: rocket-motor:N:
rocket-propelled:J: rocket-propulsion:N: rocket:N:x rocketed:DE: rocketing:G: rockets:S: rockin:J: rocking:NJG: rocklike:J: rocks:SP: rockstrewn:N:
rocky:J: rococo:JN:u rod:N:x rodder:N: rodders:S: rodding:N: rode:D: rodent:N:n rodents:S: rodeo:N:a rodeos:S: rods:S: roemer:N: rogue:J: rogues:S:
roil:V: roiled:E: roiling:GJ: role-experiment:N: role-experimentation:N: role-playing:N: role:N:a roleplayed:E: roleplaying:N:a roles:S: roll-call:JN:
roll-out:N: roll:NV:a rollback:N:a rollbacks:S: rolled-up:J: rolled:DEJ: roller-coaster:N: roller:N:a rollercoaster:NJ: rollers:S: rollicking:J:
rollickingly:R: rolling-steel:N: rolling:GJN:a rollout:N: rollover:N:a rollovers:S: rolls:SP: rollup:N: roly-poly:J: roman:N:p romance:N:s romancers:S:
romances:S: romancing:GN: romantic:JN:p romantically:R: romanticism:N:u romanticize:V: romanticized:E: romanticizing:N: romantick:J: romantics:S:
rome:N:l romp:NV:a romped:D: romping:G: romps:S: roof-crush:J: roof:N:x roofed:E: roofer:N:p roofers:S: roofing:N:x roofs:S: rooftop:N:l rooftops:S:
rooftree:N:x rook:N:x rookie-of-the-year:N: rookie:N:p rookies:S: room-rate:J: room:N:x roomed:D: roomette:N:x roomful:N:q roomier:J: roominess:N:k
rooming-house:N: rooming:G: roommate:N:p roommates:S: rooms:S:x roomy:J: roosevelt:N:p roost:VN:x rooster-comb:N: rooster:N:n roosters:S: roosting:G:
root-canal:N: root:NV:b rooted:EJ: rooters:S: rooting:GN:s rootless:J: roots:S:s rope-sight:N: rope:NV:x roped:D: ropers:S: ropes:S: rosarians:S:
rosaries:S: rosary:N:x rose-gold:N: rose-pink:J: rose-tea:N: rose:DVJN:b rosebud:N:b rosebuds:S: rosebush:N:b roses:S: rosette:N:x rosettes:S:
rosier:JR: rosiest:J: rosins:S: roster:N:w rosters:S: rostrum:N:x rosy-fingered:J: rosy:J: rot:NV:s rotary:J: rotate:V: rotated:ED: rotates:P:
rotating:G: rotation:N:a rotational:J: rotationally:R: rotations:S: rotc:N:g rote:NJ:k rotenone:N:x rotogravures:S: rotor:N:x rots:P: rotted:E:
rotten:J: rotting:G: rotund:J: rotunda:N:x rotundity:N:u rouge:N:x rough-and-ready-sounding:J: rough-and-tumble:J: rough-cut:J: rough-hewn:J:
rough-housing:N: rough-sanded:J: rough-tough:J: rough:JR: roughcast:N:x roughed:D: roughened:E: rougher:J: roughest:J: roughhewn:J: roughish:J:
roughly:R: roughneck:N:p roughnecks:S: roughness:N:u roughshod:J: roulette:N:u round-bottom:J: round-eyed:J: round-faced:J: round-table:J:
round-the-clock:J: round-the-world:J: round-tipped:J: round-trip:JN: round-tripping:N: round:NIJVR:x roundabout:J: rounded:EJD: rounder:J:
roundhead:NJ:p roundhouse:N:x rounding:GN:a roundly:R: roundness:N:w rounds:SP: roundtable:J: roundtrip:N: roundup:N:a roundups:S: rouse:V: roused:D:
rousing:JN:a rousseau:N:p roustabout:N:p roustabouts:S: rout:N:g route:NVIR:l routed:ED: routes:SP: routine:JN:a routinely:R: routines:S: routing:GN:
routings:S: rove:V: roved:D: roving:G: rovings:S: row:NV:g rowdiness:N:s rowdy:JN:p rowed:D: rowing:N:a rows:S: royal:JN:x royalties:S: royalty-free:J:
royalty:N:m rpm:N:t rub:NV:k rubbed:DE: rubber-like:J: rubber-necking:G: rubber-stamp:V: rubber-stamped:J: rubber:N:x rubberized:E: rubberstamp:N:
rubbery:J: rubbin:G: rubbing:GN:s rubbish:NJ:x rubble:N:x rubdowns:S: rubfests:S: rubicund:J: rubies:S: ruble:N:q rubles:S: rubout:N: rubric:N:w
rubs:SP: ruby:N:m ruck:N:g ruckus:N:a rudder:N:x rudderless:J: ruddiness:N:u ruddy:JR: rude:J: rudely:R: rudeness:N:u rudimentary:J: rudiments:S:w
rue:N:b rueful:J: ruefully:R: ruefulness:N:s ruffian:N:p ruffians:S: ruffle:V: ruffled:EJD: ruffles:P: rug:N:x rugged:J: ruggedly:R: rugs:S: ruin:NV:s
ruined:EJD: ruining:G: ruinous:J: ruins:S: rule-making:JN: rule:NV:k ruled:DE: ruler:N:p rulers:S: rules:SP: ruling-class:J: ruling-party:N:
ruling:NGJ:a rulings:S: rum-tum-tum:J: rum:N:f rumanian:N:w rumble:NV:a rumbled:D: rumbles:PS: rumbling:G: rumblings:S: rumdum:N: rumen:N:n
ruminants:S: ruminate:V: ruminated:DE: rumination:N:k ruminations:S: rummage:V: rummaged:D: rummaging:J: rummy:N:p rumor-driven:J: rumor-fraught:J:
rumor-happy:J: rumor:N:w rumored:EDJ: rumors:SP: rump:NJ:n rumpled:J: rumpus:N:a run-down:J: run-from-above:J: run-ins:SJN: run-of-the-mill:J:
run-of-the-mine:J: run-on:N: run-scoring:J: run-up:N:a run-ups:S: run:VDEN:a runabout:N:x runaway:JEN:a rundown:NJ:w runes:S: rung:EN:x runing:G:
runner-up:N:p runner:N:p runners-up:S: runners:S: runnin:G: running:GJNR:a runny:J: runoff:N:a runs:PS: runt:N:p runup:N:a runups:S: runway:N:x
runways:S: rupee:N:q rupees:S: rupiah:N:q rupture:N:s ruptured:EJD: rupturing:G: rural-care:J: rural:J: ruse:N:a rush-hour:J: rush:NV:a rushed:DEJ:
rushes:PS: rushing:GN:a russe:N: russet-colored:J: russet:J: russia:N:l russian:N:p rust:NV:x rusted:J: rustic:J: rusticated:E: rusting:J: rustle:NV:a
rustled:EJ: rustler-hunter:N: rustler:N:p rustlers:S: rustlin:N: rustling:NG:a rustlings:S: rusty:J: rut:N:u rutabaga:N:f rutabagas:S: ruthenium:N:x
ruthless:J: ruthlessly:R: ruthlessness:N:u ruts:S: rutted:J: rye:N:b s-values:S: s:ON:t sabbath:N:t sabbatical:NJ:t saber-rattling:NJ: saber-toothed:J:
saber:N:x sabers-along:I: sabine:N:x sable:N:x sables:S: sabotage:NV:a sabre-rattling:N: sabre:N:x sac:N:u saccharin:N:f sachems:S: sack:NV:x
sacked:DE: sacker:N: sackes:S: sacking:G: sackings:S: sackless:J: sacks:S: sacral:J: sacrament:N:a sacramento:N:l sacraments:S: sacred:J:
sacredness:N:u sacrifice:NV:a sacrificed:E: sacrifices:SP: sacrificial:J: sacrificing:G: sacrilege:N:a sacrilegious:J: sacrosanct:J: sad:J:
saddened:JE: sadder:J: saddle:NV:x saddlebag:N:x saddlebags:S: saddled:EDJ: saddles:S: saddling:G: sadism:N:s sadist:N:p sadistic:J: sadly:R:
sadness:N:s safari:N:a safaris:S: safe-conduct:N:w safe-cracking:J: safe-deposit:J: safe-driving:J: safe-sounding:J: safe:JN:x safebreaker:N:p
safeguard:VN:a safeguarded:E: safeguarding:G: safeguards:S: safekeep:V: safekeeping:N:a safely:R: safer:J: safest:J: safeties:S: safety-first:J:
safety-related:J: safety-seat:N: safety-sensitive:J: safety:NV:s saffron:N:b sag:VN:u saga-like:J: saga:N:w sage:NJ:p sagebrush:N:b sages:S: sagged:DE:
sagging:GJN: saggy:J: sago:N:x sags:S: sahibs:S: said:DEJV: sail:VN:x sailboat:N:x sailboats:S: sailed:DE: sailing:NG:a sailor:N:p sailorly:R:
sailors:S: sails:SP: saint:N:p sainthood:N:g saintliness:N:u saintly:J: saints:S: saith:PV: sake:N:u salable:J: salacious:J: salad:N:f salads:S:
salamander:N:n salami:SN:f salaried:J: salaries:S: salary-pool:N: salary:N:m salarymen:S: sale-lease-back:J: sale-leaseback:N: sale-purchase:N:
sale-purchases:S: sale:N:a sales-building:J: sales-conscious:J: sales-incentive:J: sales-loss:J: sales-moving:J: sales-of:I: sales-tax:NJ: sales:SJP:m
salesgirl:N:p saleslady:N:p salesman:N:p salesmanship:N:k salesmen:S: salesparson:N: salespeople:NS: salesperson:N:p saleswomen:S: salicylate:N:x
salicylates:S: salicylic:J: salient:J: saline:NJ:x salinity:N:k salish:N:w saliva:N:x salivary:J: salivate:V: sallies:S: sallow:J: sally:V: sallying:G:
salmon-colored:J: salmon:NS:n salmonella:N:n salon:N:x salons:S: saloon:N:x saloonkeeper:N: saloons:SP: salsa:N:f salt-crusted:J: salt-edged:J:
salt-fractionation:N: salt:NJ:x saltbush:N:b salted:EDJ: saltier:J: salting:GN:a salts:S: saltwater:N:x salty:J: salubrious:J: salutary:J:
salutation:N:w salute:NV:w saluted:DE: salutes:S: saluting:G: salvage:VN:m salvaged:E: salvages:P: salvaging:GN: salvation:N:a salve:NV:x salves:S:
salvo:N:a salvos:S: sambuca:N:f sambur:N:n same:J: sameness:N:u samovar:N:x samovars:S: sample:NJV:k sampled:ED: sampler:N:x samplers:S: samples:SP:
sampling:NG:a samplings:S: samurai:N:p sanatorium:N:x sanctified:J: sanctify:V: sanctimonious:J: sanction:NV:w sanctioned:E: sanctioning:G:
sanctions:SP: sanctity:N:u sanctuary:N:x sanctums:S: sand-mining:N: sand:N:x sandal:N:x sandals:S: sandalwood:N:b sandbars:S: sandbox:N:x sander:N:x
sanding:NG: sandpaper:N:x sands:S:l sandwich-type:J: sandwich:N:f sandwiched:ED: sandwiches:S: sandy-haired:J: sandy:J: sane:J: saner:J: sanest:J:
sang:D: sangaree:N:f sangiovanni:S: sanguine:JN:u sanguineous:J: sanguineum:N: sanhedrin:N:g sanipractor:N: sanitarium:N:x sanitary:J:
sanitation-control:J: sanitation:N:s sanitationists:S: sanitize:V: sanitized:E: sanitizing:N: sanity:N:s sank:D: sap:VN:x sapiens:J: sapling:N:b
saponins:S: sapped:ED: sapping:G: sappy:J: saps:P: saracen:N:p sarcasm:N:w sarcasms:S: sarcastic:J: sarcastically:R: sarcolemmal:J: sarcoma:N:s
sardine:N:f sardines:S: sardonic:J: sardonically:R: sari:N:x sarsaparilla:N:b sash:N:x sashay:N:a sashayed:D: sassafras:N:b sassing:N:w sassy:J:
sat:DE: satellite-assembly:N: satellite-delivered:J: satellite-dish:N: satellite-launch:J: satellite-launching:JN: satellite-linked:J:
satellite-transmission:N: satellite:NJ:x satellites:S: satiate:V: satiety:N:s satin-covered:J: satin:N:x satire:N:w satiric:J: satirical:J:
satirically:R: satirist:N:p satirizes:P: satisfaction:N:s satisfactions:S: satisfactorily:R: satisfactory:J: satisfied:EDJ: satisfies:PS: satisfy:V:
satisfying:JG: saturate:V: saturated:EJD: saturation:N:s saturday:N:t saturn:N:x sauce:N:f saucepan:N:x saucer:N:u saucers:S: sauces:S: saucy:J:
sauerkraut:N:f sauna:N:x saunas:S: saunter:N:a sausage-grinder:N: sausage-meat:N: sausage:N:f sausages:S: saute:V: sauterne:J: savage:JN:p savaged:D:
savagely:R: savageness:N:u savagery:N:u savages:S: savannah:N:l save-the-earth:J: save-the-universe:J: save-the-wildlife:J: save:VI: saved:ED:
saver:N:p savers:S: saves:P: saving:GJN:a savings-and-loan:JN: savings-and-loans:J: savings-deposit:J: savings-type:J: savings:SN:m savior:N:p
saviour:N:p savor:V: savored:DE: savoring:G: savors:S: savory:J: savvier:J: savviest:J: savvy:JVN:k saw-horse:N: saw:DN:w sawdust:NJ:x sawed-off:J:
sawhorse:N:x sawing:N: sawmill:N:x saws:S: sawtimber:N: sax:N:p saxophone:N:x saxophones:S: saxophonist:N:p saxophonists:S: say-because:I: say-great:J:
say-so:N:w say-speak:N: say:VNU:s sayed:D: sayin:NG: saying:GN:w sayings:S: says:PS: scab:N:p scabbard:N:x scabbed:E: scabrous:J: scabs:S: scads:S:q
scaffold:N:x scaffolding:N:x scaffoldings:S: scairt:E: scalar:J: scalawags:S: scald:V: scalded:E: scalding:G: scale-down:J: scale:NV:z scaled-back:J:
scaled-backed:J: scaled-down:J: scaled:ED: scales:SP: scaling:GN:a scalloped:J: scallops:S: scalp:N:x scalpels:S: scalps:S: scam:N:a scammed:D:
scammers:S: scamper:V: scampering:G: scams:S: scan:NV:a scandal-plagued:J: scandal-ridden:J: scandal-stench:N: scandal-tossed:J: scandal-tripped:J:
scandal-wracked:J: scandal:N:w scandalized:DE: scandalizes:P: scandalizing:J: scandalous:J: scandals:S: scanned:DE: scanner:N:p scanners:S:
scanning:NG:s scans:SP: scant:J: scants:P: scanty:J: scape:V: scapegoat:N:p scapegoating:N: scapegoats:S: scapular:N:n scapulars:S: scar:N:s scarce:J:
scarcely-tapped:J: scarcely:R: scarcer:JN: scarcest:J: scarcity:N:u scare-tactic:N: scare:VN:s scarecrowish:J: scared:EJRD: scares:SP: scarf:N:x
scarfing:G: scarify:V: scaring:G: scarlet:J: scarred:JE: scars:S: scarves:N: scary:J: scathing:J: scathingly:R: scatter:NV:u scatterbrained:J:
scattered:EDJ: scattergun:N:x scattering:G: scatters:P: scattershot:J: scavanged:E: scavenger:N:x scavengers:S: scavenging:G: scedule:N: scenario:N:w
scenarios:S: scene:N:l sceneries:S: scenery:N:x scenes:S: scenic:J: scenics:S: scent:N:k scented:JE: scents:S: sceptical:J: scepticism:N:k
schedule:NV:k scheduled:EDJ: schedules:S: scheduling:NG:a schema:N:k schemata:N: schematic:J: schematically:R: scheme:N:k schemers:S: schemes:S:
scheming:JG: scherzo:N:w schillings:S: schism:N:a schizoid:J: schizophrenia:N:s schizophrenic:JN:p schmoozing:NG: schmumpered:D: schnapps:N:f
schnooks:S: scholar-businessman:N: scholar-in-residence:N: scholar:N:p scholarly:J: scholars:S: scholarship:N:m scholarships:S: scholastic:JN:p
scholastically:R: scholastics:S: school-age:J: school-based:J: school-board:N: school-bus:N: school-desegregation:N: school-district:JN:
school-financing:J: school-improvement:JN: school-leaving:J: school-lunch:N: school-research:J: school-sponsored:J: school:NV:g schoolbooks:S:
schoolboy:N:p schoolboys:S: schoolchildren:NVS: schooldays:S:t schooled:E: schoolers:S: schoolgirl:N:p schoolgirlish:J: schoolgirls:S: schoolhouse:N:x
schooling:NG:a schoolmarm:N:p schoolmaster:N:p schoolmate:N:p schoolmates:S: schoolmistress:N:p schoolroom:N:x schools:S: schoolteacher:N:p
schoolteachers:S: schoolwork:N:a schooner:N:x sci-fi:JN: sciatica:N:s science-education:N: science-fiction:N: science-watchers:S: science:NJ:k
sciences:S: scientific:J: scientifically-trained:J: scientifically:R: scientist-consultant:N: scientist:N:p scientists:S: scimitar-wielding:J:
scimitar:N:x scimitars:S: scintillating:J: scion:N:p scions:S: scissoring:G: scissors:S:x sclerosis:N:s sclerotic:J: scoff:VN:w scoffed:DE: scoffer:N:p
scoffing:N:w scofflaws:S: scoffs:P: scold:V: scolded:E: scolding:G: scolds:S: scoop:NV:q scooped:D: scooping:G: scoops:PS: scooted:D: scooter:N:x
scooting:G: scop:N: scope:N:u scoped:N: scopes:S:p scops:S: scorched:JD: scorcher:N:s score-wise:J: score:NV:k scoreboard:N:x scoreboards:S:
scorecard:N:w scored:DJE: scorekeepers:S: scorekeeping:N: scoreless:J: scorer:N:p scorers:S: scores:SP:q scoring:GN:a scorn:NV:s scorned:ED:
scornful:J: scornfully:R: scot-free:J: scot:N:p scotch:NV:u scotched:D: scotches:S: scotchman:N:p scotland:N:l scoundrel:N:p scoundrels:S: scour:V:
scoured:EJD: scourge:N:x scourges:S: scouring:GN:a scours:SN:s scout:NV:p scouted:D: scouting:G: scouts:S: scowl:V: scowled:D: scowling:NG: scowls:P:
scraggly:J: scramble:NV:a scrambled:DJE: scrambles:S: scrambling:G: scrap:NJV:x scrapbook:N:x scrape:NV:a scraped:DE: scrapes:S: scrapheap:N:l
scraping:GN:x scrapped:ED: scrapping:GN: scrappy:J: scraps:SP:x scratch:NV:s scratched:DE: scratches:S: scratchiness:N:u scratching:GN:a scratchy:J:
scrawl:N:w scrawled:DJE: scrawny:J: scream:VN:w screamed:DE: screaming:GJN:w screams:SP: screech:N:a screeched:D: screeches:SP: screeching:GJ:
screechy:J: screed:N:w screen:NV:x screened:ED: screening:NG:w screenings:S: screenland:N:g screenplay:N:w screens:SP: screenwriters:S: screw-loose:J:
screw:NV:p screwball:JN:p screwdriver:N:x screwed:ED: screws:S: scribble:V: scribbled:DE: scribblers:S: scribbles:P: scribbling:G: scribe:N:p
scribes:S: scribing:N: scrim:N:x scrimmage:N:a scrimmaged:D: scrimp:V: scrimped:D: scrimping:G: script:N:w scripts:S: scriptural:J: scripture:N:w
scriptures:S: scriptwriter:N:p scriptwriters:S: scrivener:N:p scroll:N:u scrolls:S: scrounge:V: scrounged:D: scrounging:G: scrub:VJN:g scrubbed:ED:
scrubbers:S: scrubbing:NG:a scruff:N:x scrumptious:J: scrupulosity:N: scrupulous:J: scrupulously:R: scrutinize:V: scrutinized:ED: scrutinizes:P:
scrutinizing:G: scrutiny:N:a scuba:N:x scudding:G: scuff:V: scuffle:N:a sculpted:E: sculptor:N:p sculptors:S: sculpts:P: sculptural:J: sculpture:N:x
sculptured:EJ: sculptures:S: scurried:D: scurries:S: scurrilous:J: scurry:NV:a scurrying:G: scurvy:N:s scuttle:V: scuttled:DEJ: scuttling:G: se:INO:x
sea-beach:N: sea-blessed:J: sea-damp:J: sea-food:N: sea-horses:S: sea-launched:J: sea-transport:J: sea-turtle-saving:J: sea-village:N: sea:NV:x
seaboard:N:x seaborne:J: seacoast:N:x seafarer:N:p seafarers:S: seafaring:J: seafood:N:f seagull:N:n seagulls:S: seahorse:N:n seal:NV:x sealants:S:
sealed:EDJ: sealift:N: sealing:NG:a seals:SP: seam:N:x seaman:N:p seamanship:N:k seamen:S: seamier:J: seamless:J: seamlessly:R: seams:S: seamstress:N:p
seamy:J: seances:S: seaport:N:l seaports:S: seaquake:N:a sear:V: search-and-examination:J: search-and-seizure:J: search:NV:a searched:DE: searcher:N:p
searchers:S: searches:SP: searching:GN: searchingly:R: searchings:S: searchlight:N:x searchlights:S: searing:GJ: seas:S: seashore:N:x seashores:S:
seaside:JN:x season:N:t seasonal:J: seasonality:N: seasonally:R: seasoned:JE: seasoning:N:f seasonings:S: seasons:S: seat-back:J: seat-belt:N:
seat-for-the-secretary:J: seat-sale:J: seat:NV:l seatbelt:N:x seated:EDJ: seating:NG:x seatrout:N: seats:SP:x seattle:N:l seawall:N:x seawater:N:x
seaweed:N:n sec:N:t secant:N:u secants:S: secco:N: secede:V: seceded:E: seceding:G: secession:N:g secessionist:N:p secessionists:S: seclude:V:
secluded:EJ: seclusion:N:u second-biggest:J: second-by-second:J: second-class:J: second-consecutive:J: second-deadliest:J: second-degree:JN:
second-echelon:J: second-floor:JN: second-grader:N: second-guess:VJ: second-guessed:E: second-guessing:NG: second-half:JN: second-hand:J:
second-highest:J: second-in-command:N:p second-largest:J: second-leading:J: second-level:J: second-look:J: second-most-conservative:J: second-order:J:
second-place:J: second-quarter:JN: second-rate:J: second-round:J: second-stage:J: second-story:J: second-tier:J: second-time:J: second-to-die:J:
second-worst:J: second-year:J: second:N:t secondarily:R: secondary:J: secondbiggest:J: secondhand:J: secondly:R: seconds:S: secrecy:N:u secret:JN:w
secretarial:J: secretaries:S: secretary-general:NJ: secretary-treasurer:N: secretary:N:p secreted:E: secretion:N:s secretions:S: secretive:J:
secretively:R: secretly:R: secrets:S: sect:N:g sectarian:JN:p section:N:w sectional:J: sectionalized:J: sections:S: sector:N:u sectorial:J: sectors:S:
sects:S: secular:J: secularism:N:k secularist:N:p secularists:S: secularized:E: secure:VJ: secured:EDJ: securely:R: securing:G: securites:S:
securities-based:J: securities-firm:NJ: securities-fraud:N: securities-industry:NJ: securities-investment:J: securities-law:NJ: securities-laws:S:
securities-price:J: securities-trading:JN: securities-turnover:J: securities:S: securitiess:N: securitization:N: security-services:N: security-type:J:
security:N:s sed:D: sedan:N:x sedans:S: sedate:J: sedately:R: sedative:N:x sedentary:J: sediment:N:x sedimentary:J: sedimentation:N:s sediments:S:
sedition:N:a seditious:J: seduce:V: seduced:E: seducer:N:p seduces:P: seducing:G: seduction:N:a seductive:J: sedulously:R: see-lective:J:
see-through:J: see:VU: seed-bearing:J: seed-capital:J: seed-pods:S: seed:NE:b seedbed:N:x seedcoat:N: seedcoats:S: seeded:E: seedless:J: seedling:N:b
seedlings:S: seedpod:N:b seeds:S: seedy:J: seein:G: seeing:G: seek:V: seeker:N:p seekers:S: seekin:G: seeking:G: seekingly:R: seeks:P: seem:V:
seemed:DE: seeming:JG: seemingly:R: seems:P: seen:EDJ: seep:V: seepage:N:a seeped:DE: seeping:G: seer:N:p seers:S: seersucker:N:x sees:P: seesaw:NJ:x
seesawing:G: seethe:V: seethes:P: seething:GJ: segment:NV:x segmental:J: segmentation:N:s segmented:J: segmenting:G: segments:S: segregate:V:
segregated:EDJ: segregating:G: segregation:N:s segregationist:NJ:p segregationists:S: seige:N: seismic:J: seismograph:N:x seismographic:J:
seismographs:S: seismological:J: seize:V: seized-property:J: seized:ED: seizes:P: seizin:G: seizing:G: seizure:N:s seizures:S: seldom-stolen:J:
seldom:R: select:VJ: selected:EJD: selecting:GN: selection-rejection:J: selection:N:a selections:S: selective:J: selectively:R: selectiveness:N:
selectivity:N:u selectman:N:p selectors:S: selects:P: self-absorbed:J: self-acceptance:N: self-administration:N: self-aggrandisement:N:a
self-aggrandizement:N:a self-aggrandizing:J: self-analysis:N:k self-appointed:JE: self-assertion:N:w self-assertive:J: self-assurance:N:k
self-assured:J: self-awareness:N:k self-betrayal:N: self-censorship:N: self-centered:J: self-certainty:N: self-chosen:J: self-completion:N:
self-conceited:J: self-confessed:J: self-confidence:N:k self-confident:J: self-congratulation:N: self-congratulatory:J: self-conscious:J:
self-consciously:RJ: self-consciousness:N:s self-consistent:J: self-consuming:J: self-contained:JN: self-content:J: self-control:N:a self-correcting:J:
self-crimination:N: self-critical:J: self-criticism:N:k self-deceived:J: self-deceiving:J: self-deception:N:k self-deceptions:S: self-declared:J:
self-defeat:N: self-defeating:J: self-defense:NJ:a self-definition:N: self-deluded:J: self-delusion:N: self-deprecating:J: self-deprecation:N:
self-described:J: self-designated:J: self-destructed:D: self-destruction:N:a self-destructive:J: self-determination:N:s self-diagnostic:J:
self-dictate:N: self-discipline:NJ:u self-discovery:N:a self-dramatization:N: self-effacement:N:a self-effacing:J: self-employed:J: self-employment:N:
self-enclosed:J: self-energizing:J: self-enforced:J: self-esteem:N:s self-evident:J: self-examination:N:k self-exile:N: self-experimentation:N:
self-explanatory:J: self-expression:N:w self-extinguishing:J: self-financed:J: self-flagellation:N:a self-fulfilling:J: self-funding:N:
self-governing:J: self-government:N:s self-hatred:N:s self-help:NJ:a self-image:N: self-images:N: self-important:J: self-imposed:J:
self-incrimination:N:w self-indulgence:N:u self-indulgent:J: self-inflicted:J: self-insurance:N:m self-insure:V: self-insured:JE: self-interest:NJ:u
self-interested:J: self-involved:J: self-judging:J: self-locking:J: self-managing:J: self-mastery:N: self-multilation:N: self-observation:N:
self-ordained:J: self-pacification:N: self-perceived:J: self-perpetuating:J: self-pity:N:s self-pitying:J: self-plagiarisms:S: self-policing:J:
self-portrait:N:x self-portraits:S: self-prescribed:J: self-preservation:N:a self-pride:N:s self-proclaimed:J: self-professed:J: self-promotion:N:
self-protection:N:a self-published:J: self-realized:J: self-redefinition:N: self-referential:J: self-reform:N: self-regulating:J: self-regulation:N:
self-regulator:N: self-regulatory:J: self-reinsure:V: self-reliance:N:s self-reliant:J: self-respect:N:u self-respecting:J: self-restraint:N:u
self-righteous:J: self-righteousness:N: self-rule:N:s self-sacrifice:N:a self-sacrificing:J: self-satisfaction:N:s self-screening:J: self-scrutiny:N:
self-seeking:JN:u self-serve:N: self-served:D: self-serving:J: self-splicing:J: self-starters:S: self-starting:J: self-styled:J: self-sufficiency:N:s
self-sufficient:JN: self-supporting:J: self-sustaining:J: self-taught:J: self-tender:J: self-tilth:N: self-unloading:J: self-victimized:J:
self-will:N:u self-willed:J: self:NO:k selfdamaging:J: selfeffacing:G: selfish:J: selfishness:N:u selfless:J: selflessness:N:u sell-off:NS:
sell-offs:S: sell-order:J: sell-through:N: sell:VJN:a selle:V: seller-financed:J: seller:N:p sellers:S:p sellin:N: selling:GNJ:a selloff:N:a
selloffs:S: sellout:N:p sells:P: selves:S: semantic:J: semantically:R: semantics:S:k semblance:N:u semen:N:x semester:N:t semesters:S: semi-abstract:J:
semi-abstractions:S: semi-ambiguous:J: semi-annual:J: semi-annually:R: semi-arid:J: semi-automatic:J: semi-autonomous:J: semi-catatonic:J:
semi-celebrities:S: semi-circle:N: semi-city:J: semi-conductors:S: semi-conscious:J: semi-controlled:J: semi-finalists:S: semi-finished:J:
semi-gelatinous:J: semi-heights:S: semi-independent:J: semi-inflated:J: semi-isolated:J: semi-liquefied:J: semi-literate:J: semi-local:J: semi-major:J:
semi-minor:J: semi-nude:J: semi-obscure:J: semi-precious:J: semi-private:J: semi-processed:J: semi-professional:J: semi-professionally:R:
semi-public:J: semi-retired:J: semi-rigid:J: semi-serious:J: semi-skilled:J: semi-special:J: semi-statist:J: semi-sterile:J: semiannual:J:
semiannually:R: semiarid:J: semiautomatic:J: semicircular:J: semiconductor-coating:N: semiconductor-equipment:N: semiconductor-production:N:
semiconductor:N:x semiconductors:SP: semidrying:J: semiempirical:J: semifinalists:S: semifinals:S: semifinished:E: semiliterate:J: semimonthly:J:
seminal:J: seminar:N:g seminarian:N:p seminarians:S: seminars:S: seminary:N:g semipublic:J: semiquantitative:J: semisecret:J: semitrance:N:k
semitropical:J: senate:N:g senator:N:p senatorial:J: senators:S: send-off:N:w send:V: senders:S: sending:GN:a sends:P: senile:J: senilis:S:
senior-debt:N: senior-graduate:N: senior-level:J: senior-management:N: senior-subordinated:J: senior:JN:p seniority-list:N: seniority:N:s seniors:S:
senora:N:w sensation:N:k sensational:J: sensationalism:N:w sensationalizing:G: sensations:S: sense:NV:k sensed:DE: senseless:J: senselessly:R:
senses:SP: sensibilities:S: sensibility:N:k sensible:JN: sensibly:R: sensing:GN:k sensitive-area:N: sensitive:JN:p sensitively:R: sensitives:S:
sensitivities:S: sensitivity:N:k sensitize:V: sensitized:E: sensor:N:x sensors:S: sensory:J: sensual:J: sensuality:N:s sensuous:J: sent:DE:
sentence-structure:J: sentence:N:w sentenced:ED: sentences:S: sentencing:NGJ: sentencings:S: sentient:JN: sentiment:N:s sentimental:J:
sentimentalist:N:p sentimentalists:S: sentimentality:N:u sentimentalize:V: sentiments:S: sentinel:N:p sentinels:S: sentry:N:p separable:J: separate:JV:
separated:EJDV: separately:R: separateness:N:s separates:P: separating:G: separation-of-powers:J: separation:N:s separations:S: separatist:J:
separatists:S: separators:S: sepia:J: sepsis:N:s sept:N:t septa:S: septation:N:a september:N:t septic:JN: septuagenarian:N:p septum:N:x sepulchred:E:
seq:N: sequel:N:a sequels:S: sequence-tagged:J: sequence:N:g sequenced:E: sequences:S: sequester:NV: sequestered:E: sequestering:N: sequestration:N:a
sequined:J: sequins:S: sera:S: seraphim:N: serenade:N:w serenaded:ED: serendipity:N:s serene:JN: serenely:R: serenity:N:u serfs:S: serge:N:x
sergeant:N:p sergeants:S: serial:JN:w serialism:N:w serialized:E: serials:S: series-production:N: series:NS:g serious-minded:J: serious:J: seriously:R:
seriousness:N:s serloin:N: sermon:N:w sermons:S: serological:J: serotonin:N:x serpent:N:n serpentine:J: serpents:S: serratus:N:x serum:N:x servant:N:p
servants:S: serve-the-world:J: serve:V: served:ED: server:N:p servers:S: serves:P: service-center:N: service-connected:J: service-industry:JN:
service-oriented:J: service-sector:J: service-type:J: service:NV:a serviceable:J: serviced:ED: servicemen:S: servicers:S: services-repair:N:
services:SP:a servicing:NG:a serviette:N:x serviettes:S: servile:J: serving:GN:f servings:S: servitors:S: servitude:N:s servo:NJ:x sesame:N:b
session:N:w sessions:S:p set-aside:JN: set-asides:S: set-up:N: set:EDVJN:g setback:N:a setbacks:S: sets:SP: setters:S: setting:GN:l settings:S:
settle:V: settled:DEJV: settlement:N:g settlements:S: settler:N:p settlers:S: settles:P: settling:GN:a setup:N:x setups:S: seven-bedroom:J:
seven-concert:J: seven-course:J: seven-day:J: seven-digit:J: seven-eighths:SJ: seven-figure:J: seven-fold:J: seven-hit:J: seven-inch:J: seven-inning:J:
seven-iron:N: seven-member:J: seven-million-ton:J: seven-month-old:J: seven-month:J: seven-point:J: seven-session:J: seven-shot:J: seven-stories:J:
seven-story:J: seven-tenths:S: seven-thirty:R: seven-unit:J: seven-volume:J: seven-week-old:J: seven-week:J: seven-word:J: seven-year-old:J:
seven-year:J: seven-yen:J: seven:N:q sevenday:J: sevenfold:R: seventeen-inch:J: seventeen-year-old:J: seventeenth-century:J: seventeenth:J:
seventh-biggest:J: seventh-consecutive:J: seventh-inning:J: seventh-largest:J: seventh-most-admired:J: seventh:J: seventies:S:t seventy-eight:J:
seventy-fifth:J: seventy-five-foot:J: seventy-foot:J: seventy-odd:J: seventy-six:J: seventy-two:J: sever:V: severable:J: several-year:J: several:JR:
severally:R: severalty:N:s severance:NJ:a severe-looking:J: severe:J: severed:ED: severely:R: severest:J: severing:GN:a severity:N:u severly:R:
sevices:S: sew:V: sewage-polluted:J: sewage-treatment:N: sewage:N:x sewed:DE: sewer-repair:J: sewer:N:x sewerage:N:x sewers:S: sewing-machine:N:
sewing:NG:a sewn:E: sews:P: sex-change:J: sex-discrimination:N: sex-education:N: sex-for-hire:J: sex-manuals:S: sex:NV:a sexes:S: sexism:N:a sexist:J:
sexologist:N: sexology:N: sexpot:N:p sextet:N:w sexton:N:p sexual:J: sexuality:N:u sexualized:J: sexually:R: sexy:J: sforzando:N:w sh-ts:N: sha:M:
shabbily:R: shabby:J: shack-up:J: shack:N:x shacked:E: shackle:V: shackled:E: shackles:S: shacks:S: shad:N:f shade-darkened:J: shade:NV:s shaded:EDJ:
shades:S:k shadier:J: shading:NG:u shadings:S: shadow:NV:s shadowed:EJ: shadowing:NG:a shadows:S: shadowy:J: shady:J: shaft:N:w shafts:S: shag:J:
shaggy:J: shags:P: shah:N:p shake-up:N:a shake:VN:x shaken:EJ: shakeout:N:s shaker:N:p shakers:S:g shakes:PS: shakespeare:N:p shakeup:N:a shakily:R:
shaking:GN:a shaky:J: shall:M: shallow-water:N: shallow:JN:x shallower:J: shallowness:N:u shalt:V: sham:NJ:x shamanistic:J: shambled:D: shambles:N:s
shambling:G: shame:NV:s shamed:E: shamefacedly:R: shameful:J: shameless:J: shamelessly:R: shames:S: shampoo:N:x shampooed:E: shamrock:N:b shamrocks:S:
shams:S: shanties:S: shantung-like:J: shantung:N:x shanty:N:x shantytown:N:l shantytowns:S: shape-up:J: shape:NV:u shaped:EDJ: shapeless:J: shapely:J:
shapes:SP: shaping:GN:s shard:N:x shards:S: share-buying:N: share-holders:S: share-price:J: share-purchase:N: share-repurchase:J: share-trading:N:
share:NVJ:m sharecrop:N: sharecropper:N:p sharecroppers:S: shared:EJD: shareholder-owned:J: shareholder-payout:J: shareholder-rights:JS:
shareholder:N:p shareholders:S: shareholding:N:m shareholdings:S: shareowners:S: sharer:N:p sharers:S: shares:SNP: sharing:GN:z shark-infested:J:
shark:N:n sharks:S: sharkskin:N:x sharp-focus:J: sharp-jawed:J: sharp-leafed:J: sharp-limbed:J: sharp-rising:J: sharp:J: sharpen:V: sharpened:ED:
sharpener:N:x sharpening:GN: sharpens:P: sharper:JR: sharpest:J: sharply:R: sharpness:N:k sharpshooter:N:p sharpshooters:S: shashlik:N: shatter:V:
shattered:EJD: shattering:GJ: shatteringly:R: shatterproof:J: shatters:SP: shave:VN:a shaved:ED: shaven:J: shaver:N:p shavers:S: shaves:P: shaving:NG:a
shavings:S: shawl:N:x shawls:S: she:O: shea:N: sheaf:N:x shear:NV:s sheared:JE: shearing:NG:a sheath:N:x sheathing:N:x sheaths:S: shed:VDEN:x
shedding:GN:s sheds:PS: sheen:N:u sheep-like:J: sheep-lined:J: sheep:NS:n sheepe:S: sheepish:J: sheepman:N:p sheepskin:N:x sheer:JN: sheered:D:
sheet-fed:J: sheet-metal:JN: sheet-rolling:G: sheet:N:x sheeted:J: sheeting:N:x sheetrock:N:x sheets:S: sheik:N:p sheiks:S: shelf-life:N:
shelf-registered:J: shelf-stable:J: shelf:N:x shell-psychology:N: shell-shocked:J: shell:NJV:x shelled:DEJ: shellfire:N:a shellfish:NS:f shelling:GN:a
shells:S: shellshocked:EJ: shelter:NV:x sheltered:EJ: sheltering:G: shelters:S: shelve:V: shelved:DJE: shelves:S: shelving:N: shenanigan:N:a
shenanigans:S: shepherd:NV:p shepherded:D: shepherding:G: shepherds:S: sherbet-colored:J: sherbet:N:f sheriff:N:p sheriffs:S: sherry:N:f shewe:N:
shibboleth:N:w shibboleths:S: shied:DE: shield:NV:x shielded:ED: shielding:NG:a shields:S: shies:P: shift:NV:a shifted:DE: shifters:S: shifting:GJN:a
shiftless:J: shifts:SP: shifty:J: shill:N:p shillings:S: shills:S: shim:V: shimmer:N:a shimmered:D: shimmering:GJ: shimming:N: shimmy:V: shims:S:
shin:N:x shinbone:N:x shine:NV:u shines:P: shingle:N:x shingles:S:s shining:GJ: shiningly:R: shins:S: shiny:J: ship-to-surface:N: ship:NV:x
shipboard-weapons:S: shipboard:NJ: shipbuilder:N:p shipbuilders:S: shipbuilding:N:a shipload:N:q shipmate:N:p shipmates:S: shipment:N:x shipments:S:
shipowners:S: shipped:EJD: shipper:N:p shippers:S: shipping-rate:J: shipping:GN:a ships:SP: shipsets:S: shipshape:J: shipwreck:N:x shipwrecked:J:
shipyard:N:x shipyards:S: shirk:V: shirked:E: shirkers:S: shirking:G: shirt-pocket:N: shirt-sleeved:J: shirt:N:x shirtfront:N:x shirtless:J: shirts:S:
shirtsleeve:N:x shirtsleeves:N:s shirtwaist:N:x shish:N: shit-sick:J: shit:N:x shiver:NV:a shivered:D: shivering:GN:s shivers:S: shivery:J: shmaltzy:N:
sho:U: shoals:S: shock-damping:J: shock:NV:s shocked:EDJ: shocker:N:p shocking:JG: shockingly:R: shockproof:J: shocks:SP: shockwave:N: shod:J:
shoddy:J: shoe-horn:V: shoe-horned:E: shoe-string:N: shoe:N:x shoeful:N:q shoehorned:E: shoelace:N:x shoelaces:S: shoemaker:N:p shoemaking:G: shoes:S:s
shoestring:N:x shoestrings:S: shone:DE: shoo-in:N:a shooed:E: shooing:G: shook:DNE:x shoot-down:N:a shoot-out:N: shoot:VN:b shooter:N:x shooters:S:
shootin:G: shooting:NG:a shootings:S: shootout:N:a shootouts:S: shoots:PS: shop-by-catalog:J: shop-till-you-drop:J: shop:NV:x shopkeeper:N:p
shopkeepers:S: shoplifters:S: shoplifting:N:a shopped:ED: shopper:N:p shoppers:S: shopping-center:NJ: shopping:NJG:a shops:SP: shopworn:J: shore:NJRV:x
shored:E: shoreline:N:x shorelines:S: shores:S: shoring:G: shorn:V: short-barrel:N: short-changing:JN: short-circuited:DE: short-contact:J:
short-covering:NJ: short-cut:J: short-cutting:J: short-dated:J: short-dollar:JN: short-haul:J: short-lived:J: short-of-war:J: short-range:J:
short-run:JN: short-sale:J: short-sell:V: short-seller:N: short-sellers:S: short-selling:NJ: short-skirted:J: short-staffed:J: short-story:N:
short-term:JNR: short-time:J: short-to-medium-range:J: short-to-medium:J: short-wave:J: short:JNRV:x shortage:N:u shortages:S: shortcake:N:f
shortchanged:E: shortchanging:G: shortcoming:N:u shortcomings:S: shortcovering:N: shortcut:N:x shortcuts:S: shorted:ED: shorten:V: shortened:EJ:
shortening:GN:f shorter-tenure:J: shorter-term:J: shorter:J: shortest:J: shortfall:N:u shortfalls:S: shorthand:N:w shorthanded:J: shorting:GN:
shortlived:J: shortly:R: shortner:N: shortness:N:u shorts:S:x shortsighted:J: shortsightedness:N:s shortstop:N:p shortterm:J: shortwings:S: shot-up:J:
shot:NDE:a shotgun:NJ:x shotguns:S: shots:S: shotshells:S: shouders:S: should-be:J: should:M: shoulder-high:J: shoulder-to-shoulder:J: shoulder:NVR:x
shouldered:DE: shouldering:G: shoulders:S: shout:VN:w shouted:DE: shouting:GN:w shouts:PS: shove:VN:a shoved:DE: shovel:N:x shoveled:DE: shoveling:G:
shovels:S: shoves:P: shoving:G: show-biz:N: show-down:N: show-offy:J: show-piece:J: show-stoppers:S: show:NV:a showcase:NJ:s showcases:S: showcasing:G:
showdown:N:w showed:DE: shower:NV:x showered:ED: showerhead:N:x showering:G: showers:S: showgirls:S: showgrounds:S: showin:N: showing:GN:w showings:S:
showman:N:p showmanship:N:k showmen:S: shown:ED: showpiece:N:x showroom:N:x showrooms:S: shows:PS: showy:J: shrank:D: shrapnel:N:x shred:NV:q
shredded:JD: shredder:N:x shredding:G: shreds:S: shrewd:J: shrewder:J: shrewdest:J: shrewdly:R: shrewish:J: shriek:NV:w shrieked:D: shrieking:N:w
shrieks:S: shrift:N:a shrill:J: shrilled:D: shrilling:G: shrillness:N:u shrilly:R: shrimp:N:p shrimpers:S: shrimping:N: shrine:N:x shrines:S:
shrink:VN:p shrinkage:N:a shrinking:GN:a shrinks:P: shrivel:V: shriveled:EDJ: shroud:V: shrouded:ED: shrouding:G: shrouds:P: shrub-covered:J: shrub:N:b
shrubbery-lined:J: shrubbery:N:l shrubs:S: shrug:VN:w shrugged:D: shrugging:G: shrugs:PS: shrunk:E: shrunken:JE: shtik:N:q shuck:V: shucks:US:u
shudder:V: shuddered:D: shuddering:GJ: shudders:S: shuddery:N: shuffle:NV:a shuffled:D: shuffling:GN:a shuld:M: shulde:M: shun:V: shunned:DE:
shunning:G: shuns:P: shunt:N:x shunts:S: shut-in:J: shut-off:J: shut:EDJNV: shutdown:N:a shutdowns:S: shute:V: shutoff:N: shutout:N:a shuts:PS:
shutter:NV:x shuttered:JDE: shuttering:G: shutters:S: shutting:G: shuttle-busing:N: shuttle:NJ:x shuttled:DE: shuttles:SP: shuttling:G: shvartze:N:
shy:JNRV:a shying:G: shyly:R: siamese:N:w siberia:N:l sibilant:JN:w sibling:N:p siblings:S: sic:RV: sicilian:N:p sicily:N:l sick-building:J: sick:J:
sickened:EDJ: sickening:J: sicker:J: sickish:J: sickle:J: sickliest:J: sickly-tolerant:J: sickly:J: sickness:N:s sickroom:N:x side-arm:N:
side-by-side:R: side-conclusions:S: side-crash:J: side-effects:S: side-looking:J: side-rack:N: side-step:V: side-stepped:DE: side-stepping:J:
side:NVJR:l sidearms:S: sideboard:N:x sideboards:S: sidechairs:S: sided:DE: sidekick:N:p sidelight:N:x sideline-business:J: sideline:N:l sidelined:EJ:
sidelines:S: sidelining:G: sidelong:J: sideman:N: sidemen:S: sides:S: sideshow:N:a sidestep:V: sidestepped:DE: sidestepping:G: sidesteps:P:
sidestreet:N: sidetrack:V: sidetracked:D: sidewalk:N:x sidewalks:S: sideways:RJ: sidewinder:N:n sidewise:RJ: siding:NG:x sidings:S: sidle:V: sidled:D:
siege:N:a sienna:J: siesta:N:a sieve:N:x sift:V: sifted:DE: sifting:N:a sigh:NV:w sighed:D: sighing:G: sighs:PS: sight-seeing:JN: sight:NV:k
sighted:ED: sighting:N:a sightings:S: sights:S:x sightseeing:N:a sightseers:S: sign-carrying:J: sign-language:N: sign-off:N: sign:NV:w
signal-intensity:N: signal-processing:JN: signal-to-noise:JN:z signal:NV:w signaled:DE: signaling:GN:w signalizes:P: signalled:D: signalling:G:
signals:SP: signatories:S: signatory:JN:p signature:N:w signatures:S: signboard:N:x signboards:S: signed:DJE: signer:N:p signers:S: significance:N:u
significant:J: significantly:R: signified:DE: signifies:P: signify:V: signifying:G: signing:GN:w signore:N:p signpost:N:w signposts:S: signs:SP:
silence:NV:s silenced:ED: silences:S: silencing:G: silent:J: silently:R: silhouette:N:l silhouetted:EJ: silhouettes:S: silica-glass:N: silica:N:x
silicate:N:x silicates:S: silicon:N:x silicone:N:x silk-stocking:J: silk:N:x silke:N: silken:J: silkily:R: silkworm:N:n silky:J: sill:N:x sillier:J:
silliest:J: silliness:N:u silly:JNR:p silo:N:x silos:S: silted:E: silver-bearded:J: silver-blue:J: silver-conspiracy:N: silver-gray:J: silver-haired:J:
silver-painted:J: silver:NJ:x silversmith:N:p silverware:N:x silvery:J: simian:J: similar-sized:J: similar-sounding:J: similar:J: similarities:S:
similarity:N:u similarly:R: simile:N:w similiar:J: similitude:N:u simmer:V: simmered:ED: simmering:G: simperers:S: simple-minded:J: simple-seeming:J:
simple:JN:b simpler:JR: simples:S: simplest:J: simpleton:N:p simplicities:S: simplicitude:N: simplicity:N:u simplification:N:w simplified:JE:
simplifies:P: simplify:V: simplifying:G: simplistic:J: simply:RJ: simulate:V: simulated:EJ: simulates:P: simulation:N:a simulations:S: simulator:N:x
simulators:S: simulcasting:G: simultaneous:J: simultaneously:R: sin-ned:V: sin:NV:u since:IR: sincere:J: sincerely:R: sincerest:J: sincerity:N:s
sine:N:z sinecure:N:m sinecures:S: sinews:S: sinewy:J: sinful:J: sinfulness:N:u sing-song:N: sing:V: singed:D: singer:N:p singers:S: singing:GJN:a
single-adjudicator:J: single-barrel:J: single-cell:J: single-class:J: single-copy:J: single-country:J: single-crystal:N: single-day:J: single-digit:JN:
single-domain:J: single-dose:J: single-employer:JN: single-engine:J: single-family:JN: single-firm:J: single-foot:J: single-handed:J:
single-handedly:RJ: single-home:J: single-issue:JN: single-job:J: single-lane:J: single-level:J: single-lot:J: single-malt:J: single-market:JN:
single-minded:J: single-most-needed:J: single-owner:J: single-parent:J: single-party:J: single-payment:J: single-premium:J: single-room-occupancy:J:
single-season:J: single-sentence:J: single-sex:J: single-shot:J: single-spaced:J: single-sponsor:J: single-step:J: single-store:J: single-valued:J:
single-warhead:N: single:JVNR:a singled:DE: singlehandedly:R: singleness:N:u singles:SP:a singling:G: singly:R: sings:P: singsong:N:w singsonged:D:
singular:JN:w singularity:N:u singularly:R: sinister:J: sink:VN:x sinkhole:N:x sinking-fund:JN: sinking:GJN:a sinks:P: sinless:J: sinned:E: sinner:N:p
sinners:S: sinning:N:a sins:S: sinuous:J: sinuously:R: sinuousness:N:u sinus:N:x sinuses:S: sinusoid:N:x sinusoidal:J: sinusoids:S: sioux:N:p sip:N:a
siphon:V: siphoned:DE: siphoning:G: siphons:S: sipped:D: sipper:N:p sippers:S: sipping:GN: sir:NU:p sired:E: siren:JN:p sirens:S: sirloin:N:f sis:N:p
sister-in-law:N:p sister:NJ:p sisters-in-law:S: sisters:S: sit-down:J: sit-in:NJ:a sit-ins:SN: sit:V: sitcom:N:w sitcoms:S: site-development:N:
site:N:l sites:S: siting:N: sits:PS: sitter:N:p sitters:S: sitting:GN:a sittings:S: situated:E: situation:N:s situations:S: situs:N: six-bottle:J:
six-cent-a-share:J: six-cent:J: six-count:J: six-county:J: six-cylinder:J: six-day:J: six-dollar:J: six-figure:J: six-fold:R: six-foot-four:J:
six-foot:J: six-footer:N:p six-gallon:J: six-game:J: six-hour:J: six-inch-square:J: six-inch:J: six-lane:J: six-man:J: six-mile:J: six-minute:J:
six-month:J: six-months:S: six-packs:S: six-person:J: six-point:J: six-shooter:N:x six-story:J: six-thirty:J: six-time:J: six-ton:J: six-week-long:J:
six-week-old:J: six-week:J: six-year-old:J: six-year:J: six:N:q sixfold:RJ: sixteen-year-old:J: sixteenth:J: sixth-biggest:J: sixth-grade:J:
sixth-largest:J: sixth-sense:N: sixth:JR: sixties:N:t sixty-day:J: sixty-five-mile:J: sizable:J: size:NV:u sizeable:J: sized:DJE: sizenine:J: sizes:SP:
sizing:N:x sizzle:NV:a sizzled:D: sizzles:P: sizzling:JG: skate:V: skateboards:S: skates:S: skating:G: skeet:N:a skein:N:x skeletal:J: skeleton:NJ:q
skeletons:S: skeptic:N:p skeptical:J: skeptically:R: skepticism:N:k skeptics:S: sketch:NV:x sketchbook:N:x sketched:ED: sketches:SP: sketchiest:J:
sketching:GN: sketchy:J: skew:V: skewed:EDJ: skewer:N:x ski-industry:N: ski-joring:N: ski:NJV:x skid-row:N: skid:NVD:x skidded:DE: skidding:G:
skiddy:J: skids:S: skier:N:p skiers:S: skies:S: skiff:N:x skiffs:S: skiing:NG:a skiis:S: skilful:J: skilfully:R: skill-dilution:J: skill:N:k
skilled-nursing:J: skilled:JE: skillet:N:x skillful:J: skillfully:R: skillfulness:N:k skills:S: skim-milk:N: skim:VJ: skimmed:DE: skimmers:S:
skimming:GN:a skimp:V: skimpy:J: skims:P: skin-care:JN: skin-perceptiveness:N: skin:N:x skindive:V: skindiving:G: skinfolds:S: skinhead:N:p
skinheads:S:g skinless:J: skinnin:N: skinning:N: skinny:J: skins:S: skip-a-month:J: skip:V: skipped:DE: skipper:NV:p skippering:G: skippers:S:
skipping:G: skips:P: skirmish:N:a skirmished:DE: skirmisher:N:p skirmishers:S: skirmishes:S: skirmishing:NG: skirt:NV:x skirted:ED: skirting:G:
skirts:SP: skis:S: skit:N:a skits:S: skittish:J: skittishness:N:u skivvies:S:x skouting:G: skulk:V: skulking:N:a skull-bashings:S: skull:N:x
skullcap:N:x skulls:S: skunk:N:p skunks:S: sky-carving:J: sky-high:J: sky-reaching:J: sky-tapping:J: sky:N:x skyjacked:E: skyjackers:S: skylarking:G:
skylight:N:x skylights:S: skyline:N:l skyrocket:V: skyrocketed:DE: skyrocketing:G: skyscraper:N:x skyscrapers:S: skyward:R: skywave:N: sl:U: slab:NJ:x
slabs:S: slack:JVN:x slacken:V: slackened:DJE: slackening:G: slacking:G: slackjawed:E: slacks:S:x sladang:N: slag:N:x slain:E: slaked:EJ: slam-dunk:NV:
slam:NV:a slammed:DE: slammer:N:p slamming:G: slams:P: slander:NV:w slanderer:N:p slanderous:J: slanders:S: slang:N:w slangy-confidential:J:
slant-wise:J: slant:NV:k slanted:EDJ: slanting:GJ: slants:PS: slap:VN:a slapped:DE: slapping:GJN: slaps:PS: slapstick:NJ:w slash-mouthed:J: slash:VN:s
slashed:DE: slasher:N:p slashes:SP: slashing:G: slat:N:x slate:NJ:x slated:ED: slats:S: slatted:J: slaughter:NV:a slaughtered:ED: slaughterhouse:N:x
slaughtering:G: slaughters:P: slave-laborers:S: slave-owners:S: slave:N:p slavered:D: slavery:N:s slaves:S: slavic:N:w slavish:J: slavishly:R: slaw:N:f
slaying:NG:a slayings:S: sleaze:N:u sleazebag:N: sleazy:J: sledding:NG:a sleek-headed:J: sleek:J: sleep-deprived:J: sleep-disorder:J:
sleep-wakefulness:N: sleep:VN:s sleeper:N:p sleepily:R: sleeping:GN:k sleepless:J: sleeplessly:R: sleeplessness:N:s sleeps:P: sleepwalk:NV:
sleepwalked:D: sleepwalker:N:p sleepwalkers:S: sleepwalking:GN:a sleepy:J: sleet:N:s sleeve:N:x sleeves:S: sleighs:S: sleight:N:k slender-waisted:J:
slender:J: slenderer:J: slept:DE: sleuth:N:p sleuthing:N:a slew:N:q slice:NV:m sliced:ED: slices:SP: slicing:G: slick-headed:J: slick-talking:J:
slick:JN:u slicker:N:x slickers:S: slickly:R: slid:DE: slide-lock:N: slide-packs:S: slide:NV:x slides:SP: sliding-rate:J: sliding:GJ: slight:JVN:a
slighted:JE: slighter:J: slightest:J: slighting:G: slightly-smoking:J: slightly:R: slights:S: slighty:N: sligthly:R: slim-waisted:J: slim:JV: slime:N:x
slimed:E: slimly:R: slimmed-down:J: slimmed:E: slimmer-than-expected:J: slimmer:JR: slimming:G: slimy:J: sling:N:f slingers:S: slinging:G: slings:S:
slingshot:N:x slinky:J: slip:VN:a slippage:N:s slipped:DE: slipper:N:x slippers:S: slippery:J: slipping:G: slips:SP: slipshod:J: slipstream:N:s
slit:NV:x slithered:D: slithering:G: slithers:P: slits:SP: slitter:N: slitters:S: sliver-like:J: sliver:N:x slivered:E: slivers:S: slivery:N: slo-mo:J:
slob:N:p sloe-eyed:J: sloe:N:b slog:V: slogan:N:w sloganeering:G: slogans:S: slogging:G: slogs:P: sloop:N:x slop-bucket:N: slop:NV:f slope:N:x
slopes:SP: sloping:GJ: slopped:D: sloppily:R: sloppiness:N:s slopping:G: sloppy:J: slosh:V: sloshed:D: sloshing:G: slot:N:w slothful:J: slots:S:
slotted:E: slouch:N:p slouches:P: slouchy:J: slough:V: slovenliness:N:s slovenly:J: slow-acting:J: slow-baked:J: slow-bouncing:J: slow-building:J:
slow-firing:J: slow-growing:J: slow-growth:N: slow-motion:J: slow-moving:J: slow-scrambling:J: slow-selling:J: slow-spending:J: slow-startup:J:
slow:JVR: slowball:N: slowdown:N:a slowdowns:S: slowed:DE: slower-than-anticipated:J: slower-than-expected:J: slower:JR: slowest:J: slowing:GN:u
slowly-mending:J: slowly:R: slowness:N:k slows:PS: sludge-covered:J: sludge:N:x slug-kebab:N: slug:NV:x slugfest:NJ:a slugged:DE: slugger:N:p
sluggers:S: slugging:G: sluggish:J: sluggishly:R: sluggishness:N:s slugs:S: sluice:N:x sluiced:DE: sluicehouse:N: sluices:S: sluicing:G: slum:N:l
slumber:N:s slumbered:D: slumbering:G: slumlord:N: slump:NV:s slumped:DE: slumping:GJ: slumps:PS: slums:S: slung:DE: slurped:D: slurries:S: slurry:N:x
slurs:S: slush:N:x sly:J: slyly:R: slyness:N:k smack:RVU: smacked:D: smacking:G: smacks:P: small-appearing:J: small-arm:N:x small-arms:JS:
small-boat:N: small-business:NJ: small-cap:J: small-capitalization:J: small-car:N: small-city:N: small-company-stock:N: small-company:NJ:
small-denomination:NJ: small-diameter:J: small-employer:N: small-equipment:N: small-fry:J: small-game:JN: small-incision:N: small-investor:N:
small-lot:J: small-office:J: small-scale:J: small-screen:J: small-stock:NJ: small-time:J: small-to-medium-sized:J: small-town:J: small:J:
smaller-capital:J: smaller-size:J: smaller-than-average:J: smaller-than-expected:J: smaller:JR: smallest:J: smallish:J: smallness:N:u smallpox:N:s
smalltime:J: smarmy:J: smart:JNR:s smarted:D: smarter:RJ: smartest:J: smarting:G: smartly:R: smarts:P: smash:NV:a smashed-out:J: smashed:DJE:
smasher:N:p smashing:JNG:a smattering:N:q smatterings:S: smear:N:w smeared:EJ: smell:NV:k smelled:DE: smelling:G: smells:PS: smelly:J: smelt:DE:
smelter:N:x smelters:S: smelts:S: smidgen:N:q smidgins:S: smile:NV:w smiled:DE: smiles:SP: smiling:GJN:w smilingly:R: smirk:NV:w smirked:D:
smithereens:S:g smithy:N:x smitten:E: smock:N:x smocks:S: smog-ridden:J: smog:N:s smoggiest:J: smoggy:JN: smokable:J: smoke-choked:J: smoke-filled:J:
smoke-stained:J: smoke:NV:s smoked-ham:N: smoked:DJE: smokehouse:N:x smokeless:J: smoker:N:p smokers:S: smokes:P: smokescreen:N:x smokescreens:S:
smokestack:N:x smoking-cessation:N: smoking-related:J: smoking:NG:a smoky:J: smolder:V: smoldered:DE: smoldering:G: smolderingly:R: smolders:P:
smooching:G: smooth-speaking:J: smooth:JV: smoothbore:N:x smoothed-muscled:J: smoothed:DE: smoother:JR: smoothest:J: smoothing:G: smoothly:R:
smoothness:N:u smorgasbord:N:g smother:V: smothered:DEJ: smothering:G: smudge:N:a smudged:J: smug:J: smuggle:V: smuggled:ED: smuggler:N:p smugglers:S:
smuggling:GN:a snack-food:N: snack:N:f snacked:D: snacks:S: snafu:N:a snafus:S: snag:NV:u snagged:ED: snagging:G: snags:S: snail-like:J: snail:N:n
snails:S: snake-charmer:N: snake-like:J: snake-oil:JN: snake-rail:J: snake:N:n snaked:D: snakes:SP: snakestrike:N: snaking:G: snap-in:J: snap-on:J:
snap:VJN:a snapback:N: snapdragon:N:b snapdragons:S: snapped:DEJ: snapper:N:p snapping:GN: snappy:J: snaps:P: snapshot:N:x snapshots:S: snare:VN:k
snared:E: snaring:G: snarl:N:w snarled:D: snarling:G: snarls:S: snatch:V: snatched:DE: snatches:SP: snatching:G: snazzier:J: snazzy:J: sneak:VN:p
sneaked:DE: sneaker:N:x sneakers:S: sneaking:G: sneaks:P: sneaky:J: sneer:N:w sneered:D: sneering:G: sneers:PS: sneezed:DE: sneezing:G: snick:N:a
snickered:D: snickers:S: snidely:R: sniff:V: sniffed:D: sniffers:S: sniffing:G: sniffs:P: sniffy:J: sniggered:D: sniggeringly:R: snip:N:x snipe:V:
sniped:DN: sniper:N:p snipes:P: sniping:NG: snippets:S: snippy:J: snips:S:x snitched:E: sniveling:G: snivelings:S: snob-clannish:J: snob:N:p
snobbery:N:u snobbish:J: snobbishly:R: snobs:S: snooker:N:a snoop:V: snooping:G: snooty:J: snoozing:GN: snoring:GN:a snorkle:N: snort:VN:w snorted:D:
snorting:N:a snorts:P: snotty:J: snout:N:n snouts:S: snow-covered:J: snow-fence:N: snow-white:J: snow:NV:s snowball:NV:b snowballed:D: snowballs:SP:
snowbirds:S: snowdrift:N:x snowed:D: snowfall:N:s snowflakes:S: snowing:G: snowman:N:x snowplow:N:x snows:SP: snowstorm:N:s snowsuit:N:x snowy:J:
snub:V: snubbed:ED: snubbing:GN: snuck:D: snuff:VN:x snuffbox:N:x snuffboxes:S: snuffed:ED: snuffer:N:x snug-fitting:J: snug:J: snuggled:D: snugly:R:
so-called:JN: so-far:J: so-so:JN: so:RCI: soak-the-rich:J: soak:V: soaked:EJD: soaking:GJNR:s soap:N:x soapbox:N:x soaps:S: soapsuds:S:x soapy:J:
soar:V: soared:DE: soaring:GJ: soars:S: sob-wallow:N: sob:V: sobbed:DE: sobbing:G: sobbingly:R: sober-faced:J: sober:J: sobered:ED: sobering:GJ:
soberly:R: sobriety:N:s sobriquet:N:w sobs:S: socal:J: socalled:JE: soccer:N:a sociability:N:u sociable:J: social-action:N: social-affairs:S:
social-class:J: social-climbing:J: social-economic:J: social-issue:J: social-register:J: social-role:N: social-security:N: social-services:J:
social-studies:N: social-welfare:J: social:JN:g socialism:N:k socialist:JN:p socialistic:J: socialists:S: socialite:N:p socialites:S: sociality:N:u
socialization:N:a socialize:V: socialized:ED: socializes:P: socializing:G: socially-oriented:J: socially:R: societal:J: societies:S:
society-measured:E: society:N:g societyonly:R: socio-archaeological:J: socio-economic:JN: socio-political:J: socio-structural:J: socioeconomic:J:
socioeconomically:R: sociological:J: sociologically:R: sociologist:N:p sociologists:S: sociology:N:k sociopath:N:p sock:NV:x sockdologizing:G:
socked:D: socket:N:x sockets:S: socking:G: socks:S: sod:N:x soda:N:x sodas:S: sodden:J: soddenly:R: soddies:S: soddy:N:x sodium:N:x sodomy:N:a sods:S:
soe:N: sofa:N:x sofar:R: sofas:S: soft-cookie:N: soft-currency:J: soft-drink:NJ: soft-drinks:S: soft-headed:J: soft-hearted:J: soft-heartedness:N:
soft-landing:J: soft-looking:J: soft-rock:J: soft-shell:J: soft-shoe:J: soft-spoken:J: soft:JSR: softball:N:x softdrink:N: soften:V: softened:DEJ:
softener:N:x softening:GJN:s softens:P: softer:JR: softest:J: softies:S: softly:R: softness:N:u software-development:NJ: software-industry:J:
software-installation:N: software:N:w softwood:J: softy:N:p soggier:N: soggy:J: sogo-shosha:N: soil-bearing:J: soil-nutrients:S: soil-removal:J:
soil:NV:s soiled:EJD: soils:S: soirees:S: sojourn:N:a sojourner:N:p sojourners:S: solace:NV:s solaced:E: solar-cell:J: solar-electromagnetic:N:
solar-power:J: solar-radiation:N: solar-wind:N: solar:J: solarheated:J: sold-out:J: sold:ED: solder:JV: soldered:E: soldering:JG: soldier-masters:S:
soldier:N:p soldiering:N:k soldierly:R: soldiers:S: soldiery:N:g soldout:N: sole:JN:x solecism:N:a solely:R: solemn:J: solemnity:N:u solemnly:R:
solenoid:N:x soles:S: solicit:V: solicitation:N:w solicitations:S: solicited:DJE: soliciting:G: solicitor:N:p solicitors:S: solicitous:J:
solicitousness:N:s solicits:P: solicitude:N:s solid-fueled:J: solid-gold:J: solid-muscle:J: solid-state:J: solid-waste:NJ: solid:JNR:x solidarity:N:u
solidified:DE: solidifies:P: solidify:V: solidifying:G: solidity:N:u solidly:R: solids:S: solipsism:N:k solitary:JN:s soliticitations:S: solitude:N:s
solitudes:S: solo:NJV:a soloist:N:p soloists:S: solos:SP: solstice:N:t soluble:J: solution-type:J: solution:N:x solutions:S: solvable:J: solvating:G:
solve:V: solved:ED: solvency:N:s solvent:JN:x solvents:S: solves:P: solving:G: soma:N:b somatic:J: somatostatin:N: somber:J: somberly:R: sombre:J:
some:TNR: somebody:N:z someday:R: somehow:R: someone:N:z someplace:RN: somersault:N:a somersaulting:JN:a somersaults:S: somethin:N: something:N:
sometime:RJ: sometimes-aggressive:J: sometimes-exhausting:J: sometimes-necessary:J: sometimes-tawdry:J: sometimes:R: somewhat-ambiguous:J: somewhat:R:
somewhere:RN:l somewheres:R: somnambulates:P: somnambulism:N:a somnolence:N:s somnolent:J: sompin:N: son-in-law:N:p son-of-a-bitch:N:
son-of-exchange:J: son:N:p sonar:N:x sonata:N:w sonatas:S: song-writing:N: song:N:w songbirds:S: songbook:N:w songful:J: songs:S: songwriter:N:p
songwriters:S: sonic:J: sonnet:N:w sonnets:S: sonny-boy:N: sonny:N:p sonobuoy:N: sonofabitch:N: sonogram:N:x sonorities:S: sonority:N:u sonorous:J:
sons-in-law:S: sons:S: soon-to-be-sold:J: soon-to-be:J: soon-to-expire:J: soon:R: sooner:R: soonest:J: sooo:R: soot-stained:J: soot:N:x soothe:V:
soothed:D: soothing:GJ: soothingly:R: soothsayer:N:p soothsayers:S: sooty:J: sop:N:f sophisticate:N:p sophisticated:J: sophisticates:S:
sophistication:N:k sophists:S: sophomore:N:p sophomores:S: sophomoric:J: soporific:J: sopping:JG: soprano:NJ:p sopranos:S: sops:SP:f sorbed:E:
sorcery:N:k sordid:J: sore-ridden:J: sore:JN:s soreheads:S: sorely-needed:J: sorely:R: soreness:N:s sores:S: sorest:J: sorghum:N:b sororities:S:
sorority:N:g sorption-desorption:N: sorption:N:s sorrel:JN:b sorrier:J: sorriest:J: sorrow:N:s sorrowful:J: sorrows:S: sorry:JRU: sort:NRV:k sorted:ED:
sortie:N:a sorting-out:N: sorting:GN:s sorts:S: souffle:N:f sought:DE: souk:N:x soul-searching:N:k soul:N:p souled:J: soulful:J: soulfully:R:
soulless:J: soulmates:S: souls:S: sound-alike:J: sound-truck:J: sound:NJRVP:u sounded:DE: sounder:J: sounding:GJN:u soundings:S: soundly:R:
soundness:N:s soundproof:J: sounds:PS: soundtrack:N:x soup-to-nuts:J: soup:NV:f souped-up:J: soups:S: soupy:J: sour:JVNR:f source:N:l sources:S:
sourcing:NG: sourdough:JN:x soured:DEJ: souring:NG:s sourly:R: sours:P: soutane:N:x south-central:J: south-eastern:J: south-of-the-border:J:
south:RJN:l southbound:J: southeast:RJN:z southeastern:J: southerly:J: southern-central:J: southern:J: southerner:N:p southernism:N:w southernisms:S:
southernmost:J: southpaw:N:p southward:RJ: southwest:RJN:z southwestern:J: souvenir:N:x souvenirs:S: sovereign:JN:p sovereigns:S: sovereignty:N:s
soviet:J: soviets:S:g sow:VN:n sowbelly:N:f sowed:D: sowered:D: sowing:NG: sown:E: sows:PS: soy:N:b soyaburgers:S: soybean-meal:N: soybean:N:b
soybeans:S: sp:N: spa:N:l space-age:J: space-based:J: space-buying:N: space-defense:J: space-rocket:N: space-science:N: space-shuttle:N:
space-station:NJ: space-systems:S: space-time:J: space-weapons:S: space:NV:z spaceborn:J: spacecraft:N:x spaced:EJ: spacer:N: spacers:S: spaces:S:
spaceship:N:x spaceships:S: spacesuit:N:x spacesuits:S: spacing:NJ:t spacings:S: spacious:J: spaciousness:N:u spackle:V: spade:NJV:x spades:S:
spaghetti:SN:f spain:N:l span:NV:t spandex:N:x spandrels:S: spangle:N:x spaniel-like:J: spaniel:N:n spanish:N:w spanking:JN:a spanned:ED: spanner:N:x
spanning:G: spans:PS: spare-parts:JS: spare:JV: spared:ED: spares:SP: sparing:GJ: sparingly:R: spark:VN:a sparked:ED: sparking:G: sparkle:N:u
sparkled:D: sparkles:P: sparkling:JRG: sparkplugs:S: sparks:PS: sparred:D: sparring:GN:w sparrow:N:n sparrows:S: sparse:J: sparsely:R: spas:S:
spasm:N:s spasms:S: spat:DN:w spate:N:q spatial:J: spatiality:N:u spatially:R: spats:S: spatter:N:a spattered:E: spatula:N:x spavined:J: spawn:V:
spawned:DE: spawning:G: spawns:P: speak-easy:N: speak:V: speakeasy:N:x speaker:N:p speakers:S: speakin:G: speaking:GN:w speaks:P: spear-throwing:J:
spear:NV:x speared:D: spearhead:VN:p spearheaded:DE: spearheading:G: special-edition:J: special-interest:JN: special-projects:J: special-purpose:J:
special-service:J: special-technology:N: special:JN:w specialist-credit:J: specialist-firm:J: specialist:NJ:p specialists:S: speciality:N:u
specialization:N:a specialize:V: specialized-engineering:J: specialized:JDE: specializes:P: specializing:G: specially-designated:J:
specially-designed:J: specially-trained:J: specially:R: specials:S: specialties:S: specialty-cheese:J: specialty-chemical:N: specialty-chemicals:S:
specialty-machinery:N: specialty-material:J: specialty-metals:S: specialty-printing:J: specialty-retail:J: specialty-store:N: specialty:NJ:u specie:N:m
species-dependent:J: species:NS:g specific:JN:k specifically:R: specification:N:w specifications:S: specificity:N:u specifics:S: specified:EJD:
specifies:P: specify:V: specifying:G: specimen:N:k specimens:S: specimentalia:N: specious:J: speck:N:u speckled:J: speckles:S: specks:S: specs:S:x
spectacle:N:w spectacles:S:x spectacular:J: spectacularly:R: spectator-type:J: spectator:N:p spectators:S: specter:N:k specters:S: spectra:S:
spectral:J: spectrally:R: spectre:N:p spectrometer:N:x spectrometric:J: spectrophotometer:N:x spectrophotometric:J: spectroscopy:N:a spectrum:N:s
speculate:V: speculated:DE: speculates:P: speculating:G: speculation:N:w speculations:S: speculative-grade:J: speculative:J: speculatively:R:
speculator:N:p speculators:S: sped:DE: speech-making:N: speech:N:w speeches:S: speechless:J: speechlessness:N:u speechwriters:S: speechwriting:N:
speed-up:J: speed:NV:t speedboat:N:x speeded-up:J: speeded:DE: speedier:J: speedily:R: speeding:GJN:a speedometer:N:x speeds:SP: speedup:N:a
speedway:N:x speedy:J: spell-binding:J: spell:VN:s spellbound:E: spelled:ED: spellers:S: spelling-only:J: spelling:NG:w spells:PS: spend-now:J:
spend:V: spender:N:p spenders:S: spending:NJG:a spends:P: spendthrifts:S: spent:DJE: sperm:N:x spew:V: spewed:DE: spewing:G: spewings:S: sphere:N:s
spheres:S: spherical:J: spherule:N:u spherules:S: sphynxes:S: spic:N:p spice-laden:J: spice:NV:x spiced:J: spices:S: spicing:G: spicy:J: spider-leg:J:
spider:N:n spiders:S: spidery:J: spied:DE: spiel:N:w spies:SP: spiffing:J: spiffy:J: spigots:S: spike-haired:J: spike:NV:a spiked:JE: spikes:S:
spill-cleanup:N: spill-related:J: spill:NV:x spilled:DE: spilling:GN: spillover:N:s spills:SP: spin-off:NJ:x spin:VN:a spinach:N:b spinal:JN:s
spindle:N:x spindled:D: spine-chilling:J: spine:N:x spineless:J: spinnability:N:u spinneret:N: spinning:GJ: spinoff:NJ: spinoffs:S: spins:P:
spinster:N:p spiral:NV:u spiraled:D: spiraling:GJ: spiralis:S: spiralled:D: spirals:S: spire:N:x spires:S: spirit-gum:N: spirit:N:p spirited:JE:
spiritless:J: spirits:S:f spiritual:JN:w spirituality:N:m spiritually:R: spirituals:S: spit:VND:x spite:NV:s spitfire:N:p spits:P: spitting:GN:a
spittle:N:x splash:N:a splashed:DE: splashes:PS: splashing:G: splashy:J: splatter:N:a splattered:E: splayed:D: spleen-crushing:J: spleen:N:x
splendid:J: splendidly:R: splendor:N:u splenetic:J: splenomegaly:N:s splice:N:x spliced:E: splices:P: splicing:G: splinter:NVJ:x splintered:JDE:
splinters:S:x splintery:N: splints:S: split-bamboo:J: split-finger:N: split-fingered:J: split-level:J: split-up:N: split:NJVDE:a splits:SP:
splitting:NGJ: splotch:N:u splotched:J: splotches:S: splurge:N:w splutter:N:a spoil:V: spoilables:S: spoilage:N:q spoiled:EJD: spoiler:N:p spoiling:G:
spoils:S: spoke:DN:x spokeman:N: spoken:EJ: spokes:S: spokesman:N:p spokesmen:S: spokesperson:N:p spokespersons:S: spokeswoman:N:p spokewoman:N:
sponge:NV:x sponged:DE: sponges:S: sponging:N: spongy:J: sponsor:NV:p sponsored:ED: sponsoring:G: sponsors:SP: sponsorship:N:a sponsorships:S:
spontaneity:N:u spontaneous:J: spontaneously:R: spoof:NV:w spook:V: spooked:ED: spookiest:J: spooks:S: spooky:J: spoon-fed:J: spoon-feed:V: spoon:N:x
spoonbills:S: spooned:D: spoonful:N:q spoonfuls:S: spoons:S: sporadic:J: sporadically:R: spore:N:b spores:S: sport-utility:J: sport:NJV:a sported:D:
sportiest:J: sportin:G: sporting-goods:SJ: sporting:GJN: sports-and-entertainment:J: sports-apparel:J: sports-functions:S: sports-oriented:J:
sports-related:J: sports:SP: sportsman:N:p sportsmanship:N:u sportsmen:S: sportswear:N:x sportswoman:N:p sportswriter:N:p sporty:J: spot-checking:N:
spot-market:J: spot-news:S: spot-promoted:N: spot-television:J: spot:NJV:l spotchecks:S: spotless:J: spotlight:NV:s spotlighted:E: spotlighting:G:
spotlights:P: spots:SP:s spotted:DEJ: spotting:G: spotty:J: spousal-notification:N: spousal:J: spouse:N:p spouses:S: spout:NV:x spouted:DJ: spouting:G:
sprained:E: spraining:G: sprains:S: sprang:D: sprawl:NV:l sprawled:EDJ: sprawling:GJ: spray-dried:J: spray:NV:x sprayed:ED: spraying:NG:a sprays:S:
spread-eagled:E: spread-out:J: spread-sensitive:J: spread:NDEVJ:a spreader:N:x spreading:G: spreads:PS: spreadsheet:N:w spreadsheets:S: spree:N:a
sprig:N:b sprightly:J: spring-back:J: spring-brake:N: spring-early:J: spring-joints:N: spring-training:N: spring:NV:t springboard:N:x springfield:N:l
springing:G: springs:SP: springtime:N:t sprinkle:VN:s sprinkled:DE: sprinkler:N:x sprinklers:S: sprinkles:P: sprinkling:NG:q sprint:N:a sprinted:D:
sprinter:N:p sprinting:G: spritzers:S: sprout:V: sprouted:DE: sprouting:GN:s sprouts:S: spruce:NV:b spruced:E: sprue:N:s sprung:E: spuds:S: spume:N:x
spun-off:J: spun:ED: spunky:N: spur-of-the-moment:J: spur:VN:w spurious:J: spurn:V: spurned:EDJ: spurning:G: spurns:P: spurred:ED: spurring:G:
spurs:SP: spurt:NV:a spurted:DE: spurting:G: spurts:SP: sputnik:N:x sputniks:S: sputter:V: sputtered:D: sputtering:J: sputters:P: spy-chaser:N:
spy-chasing:N: spy-in-training:N: spy-plane:N: spy:NV:p spyglass:N:x spying:GN:a sq:J: squabble:N:w squabbled:DE: squabbles:S: squabbling:NG: squad:N:g
squadron:N:g squadrons:S: squadroom:N: squads:S: squalid:J: squall:N:s squalls:S: squalor:N:s squamous:J: squander:V: squandered:ED: squandering:G:
square-built:J: square-foot:J: square-mile:J: square:NJRV:u squared:JDE: squarefoot:J: squarely:R: squares:S: squaring:G: squash:NR:b
squashed-looking:J: squashed:JE: squashing:G: squashy:J: squat:JNV:a squatted:DE: squatter:N:p squatters:S: squatting:G: squaw:N:p squawk:V: squeak:N:a
squeaked:D: squeaking:NG: squeaks:P: squeaky-clean:J: squeaky:JR: squeal:VN:a squealed:DE: squealing:GN: squeals:S: squeamish:J: squeamishness:N:s
squeegee:V: squeeze-out:N: squeeze:NV:a squeezed:ED: squeezes:PS: squeezing:G: squelch:V: squelched:E: squibs:S: squid:N:f squiggly:R: squint:V:
squinted:DE: squinting:G: squire:N:p squires:S: squirmed:DE: squirming:G: squirms:P: squirmy:J: squirrel:N:n squirreled:E: squirreling:G: squirt:N:p
squirted:D: squirting:G: squished:E: st:N: stab:N:s stabbed:DE: stabbing:G: stabilities:S: stability:N:u stabilization:N:a stabilize:V: stabilized:ED:
stabilizer:N:x stabilizers:S: stabilizes:P: stabilizing-conserving:J: stabilizing:G: stable-garage:N: stable:JN:x stabled:D: stableman:N:p stables:S:
stabs:SP: staccato:N: staccatos:S: stack:NV:g stacked:ED: stacker:N:p stackers:S: stacking:G: stacks:S:q stadium:N:x stadiums:S: staf:N:
staff-cutting:G: staff-reduction:NJ: staff-written:J: staff:NV:g staffed:E: staffer:N:p staffers:S: staffing:GJN: staffs:SP: stag:NJ:n
stage-managing:N: stage-plays:S: stage:NV:t stagecoach:N:x stagecoaches:S: staged:DE: stagemate:N: stager:N:p stages:SP: stagewhispers:P:
stagflation:N:s stagger:V: staggered:DJE: staggering:JG: staggeringly:R: staginess:N:u staging:GN:w stagnant:J: stagnated:D: stagnating:G:
stagnation:N:s stags:S: staid:JE: stain-resistant:J: stain:NV:u stained-glass:N: stained:EJD: staining:NG:a stainless-steel:J: stainless:J: stains:SP:
stair-step:J: stair-well:N: stair:N:x staircase:N:x staircases:S: stairs:S:x stairway:N:x stairways:S: stairwell:N:x stairwells:S: stake-building:G:
stake-holding:J: stake-out:N: stake:NV:m stakebuilding:GN: staked:ED: stakes:SP:m stale-cigarette:N: stale:J: stalemate:N:s stalin:N:p stalk:V:
stalked:DEJ: stalking:G: stalks:SP: stall:NV:x stalled:EJD: stalling:G: stallion:N:n stalls:SP:x stalwart:JN:p stalwarts:S: stamen:N:b stamens:S:
stamina:N:u staminate:J: stammered:D: stamp:NV:u stamped:ED: stampede:NV:a stampeded:ED: stamping:GN: stampings:S: stamps:S: stance:N:u stances:S:
stanch:VJ: stanchest:J: stand-alone:J: stand-by:J: stand-in:N:p stand-ins:S: stand-off:J: stand-still:J: stand-up:J: stand-ups:S: stand:VN:x
standard-bearer:N:p standard-issue:J: standard-setting:JN: standard-weight:J: standard:JN:w standardize:V: standardized:JE: standardizing:G:
standards:S: standby:JN:x standbys:S: standeth:V: standin:N: standing-room-only:J: standing-room:N: standing:GJN:s standoff:N:a standout:N:
standpoint:N:k stands:PSN: standstill:JN:s standup:JN: stanza-form:N: staph:N:n staphylococcal:J: staphylococcus:N:n staple:NJ:x staples:S:
stapling:NG: star:NJV:x starboard:V: starch:N:x starched:EJ: starches:S:f starchiness:N: starchy:J: stardom:N:s stare:VN:a stared:DE: stares:S:
staring:G: stark:JR: starker:J: starkly:R: starlet:N:p starlight:N:s starre:N: starred:DE: starring:GJ: starry-eyed:J: stars:SP: starstruck:J:
start-up:JSNV: start-ups:S: start:VNR:a started:DJEV: starter:NJ:x starters:S: startin:G: starting:GJN:a startle:V: startled-horse:J: startled:EDJ:
startling:JG: startlingly:R: starts:PSV: startup:NJ:a startups:S: starvation:N:s starve:V: starved:E: starving:GJ: stash:VN:m stashed:ED: stasis:N:s
stat:N: state-administered:J: state-appointed:J: state-approved:J: state-building:N: state-centered:J: state-chartered:J: state-controlled:J:
state-court:N: state-directed:J: state-dominated:J: state-federal:J: state-funded:J: state-law:N: state-level:J: state-local:J: state-mandated:J:
state-of-the-art:J: state-of-the-market:J: state-owned:J: state-plan:J: state-private:J: state-produced:J: state-provided:J: state-registered:J:
state-run:J: state-sector:J: state-sponsored:J: state-subsidized:J: state-supervised:J: state-supported:J: state-trading:J: state:NJV:l stated:EJD:
statehood:N: statehooders:S: stateless:J: stately:J: statement:N:w statements:S: stateroom:N:x states:SP: statesman:N:p statesmanlike:J:
statesmanship:N:u statesmen:S: statewide:JR: static:JN:a stating:G: station:N:x stationary:J: stationed:E: stationery:N:w stationing:G:
stationmaster:N:p stations:S:a statism:N: statist:J: statistic:N:k statistical:J: statistically:R: statistician:N:p statisticians:S:
statistics-keepers:S: statistics:S:k stator:N:x stats:S: statuary:N:g statue:N:x statues:S: statuette:N:x stature:N:s status-conscious:J:
status-dropout:N: status-roles:S: status:N:s statuses:S: statute:N:w statutes:S: statutorily:R: statutory:J: staunch:JV: staunchest:J: staunchly:R:
stave:V: staved:E: staves:P: stay-at-home:J: stay:VN:a stayed:DJE: staying:GJN: stays:PS:x stead:N:a steadfast:JR: steadfastly:R: steadfastness:N:u
steadied:DE: steadier:J: steadily:R: steadiness:N:u steady-state:J: steady:JR: steadying:J: steak:N:f steakhouse:N:x steaks:S: steal:V: stealer:N:p
stealin:G: stealing:GJN:a steals:P: stealth:N:a stealthily:R: stealthy:J: steam-baths:S: steam-generating:N: steam-generation:J: steam:N:x
steamboat:N:x steamed:ED: steamer:N:f steamers:S: steamier:J: steamily:R: steaming:G: steamroller:N:p steams:P: steamship:N:x steamships:S: steed:N:n
steel-casting:J: steel-edged:J: steel-exporting:J: steel-flanged:J: steel-gray:J: steel-hulled:J: steel-hungry:J: steel-import:J: steel-ingot:N:
steel-making:J: steel-quota:N: steel-recycling:J: steel-reinforced:J: steel-related:J: steel-rod:N: steel-service-center:N: steel-stock:N:
steel-toothed:J: steel:NJ:x steeled:E: steelmaker:N:p steelmakers:S: steelmaking:NG: steels:S: steelworkers:S: steely:J: steep:JN:x steeped:E:
steeper:JN:x steepest:J: steeple:N:x steeples:S: steeply:R: steepness:N:u steer:VN:w steered:DE: steering:NJG:a steers:PS: stein:N:x stellar:J:
stem:VN:w stemmed:DE: stemming:G: stems:PS: stench:N:k stenography:N:w stentorian:J: steoreotyped:J: step-by-step:J: step-father:N: step-up:N:a
step:NV:a stepchild:N:p stepchildren:N: stepgrandmother:N: stephanotis:N:b stepladders:S: stepmother:N:p stepmothers:S: steppe:N:x stepped-up:J:
stepped:DE: steppes:S: stepping:GJ: steppingstone:N: steprelationship:N:z steps:SP:x stepson:N:p stepwise:RJ: stereo-sound:J: stereo:NJ:x
stereophonic:J: stereos:S: stereotype:N:k stereotyped:JE: stereotypes:S: stereotypical:J: stereotypically:R: sterile:J: steriles:S:
sterility-assurance:N: sterility:N:s sterilization:N:a sterilize:V: sterilized:ED: sterilizer:N:x sterilizing:G: sterios:S: sterling:NJ:m stern-to:R:
stern:JN:x sternal:J: sternly:R: sterno-cleido:N: sterns:S: sternum:N:x steroid-induced:J: steroid:J: steroids:S: stethoscope:N:x stetson:N:x
stevedore:N:p stew:NV:s steward:N:p stewardess:N:p stewardesses:S: stewards:S: stewardship:N:a stewed:JD: stewing:N:s stews:S: stick-and-carrot:N:
stick:VN:x sticker-shock:N: sticker:N:b stickers:S: stickier:J: stickiness:N:u sticking:GNJ: stickler:N:p sticklike:J: stickman:N: stickpin:N:x
sticks:SP: sticky-fingered:J: sticky:J: sticle:V: stiff-backed:J: stiff:JNV:p stiffed:DE: stiffen:V: stiffened:DE: stiffening:NJ:a stiffens:P:
stiffer:J: stiffest:J: stiffing:G: stiffly:RN: stiffnecked:J: stiffness:N:u stiffs:S: stifle:V: stifled:DE: stifles:P: stifling:GJ: stigma:N:b
stigmatizes:P: stiletto:N:x still-building:J: still-commanding:J: still-continuing:J: still-dark:J: still-daylighted:J: still-healthy:J:
still-limited:J: still-mammoth:J: still-new:J: still-outstanding:J: still-punishing:J: still-raging:G: still-ravaged:J: still-secret:J:
still-ticking:J: still-to-be-named:J: still-uncalculated:J: still-undeveloped:J: still:RJNV:x stillbirths:S: stillness:N:u stills:S: stilt:N:x
stilted:J: stilts:S: stimulant:N:k stimulants:S: stimulate:V: stimulated:ED: stimulates:P: stimulating:GJ: stimulation:N:a stimulations:S:
stimulative:J: stimulator:N: stimulators:S: stimulatory:J: stimuli:S: stimulus:N:k sting:NV:s stingier:J: stinging:JNG:s stingrays:S: stings:S:
stingy:J: stink:NV:k stinkin:J: stinking:GJ: stinkpotters:S: stinks:P: stint:N:t stints:SP: stipends:S: stippled:J: stipulate:VJ: stipulated:DE:
stipulates:P: stipulation:N:w stipulations:S: stir:VN:s stirke:N: stirling:J: stirred:DE: stirrin:G: stirring:GJN:a stirringly:R: stirrings:S:
stirrup-guard:N: stirrup:N:x stirrups:S: stirs:P: stirups:S: stitch:N:x stitched:E: stitches:S: stitching:N:a stochastic:J: stock-appreciation-based:J:
stock-appreciation:N: stock-basket:NJ: stock-conspiracy:N: stock-exchange:N: stock-for-debt:J: stock-fraud:N: stock-fund:JN: stock-holding:J:
stock-in-trade:N:x stock-index-futures:SJ: stock-index:NJS: stock-investing:J: stock-loan:N: stock-manipulation:NJ: stock-margin:J: stock-market:NJ:
stock-option:NJ: stock-optioned:J: stock-options:S: stock-ownership:J: stock-pickers:S: stock-picking:JN: stock-price:JN: stock-purchase:J:
stock-quote:J: stock-registration:N: stock-related:J: stock-repurchase:J: stock-selection:J: stock-specialist:J: stock-swap:J: stock-taking:N:k
stock-trader:N: stock-trading:NJ: stock-warrant:N: stock-watch:J: stock:NVJ:m stockade:N:x stockbroker:N:p stockbrokerage:N: stockbrokers:S:
stockbuilding:G: stocked:ED: stockholder-owned:J: stockholder:N:p stockholders:S: stockholding:G: stockholdings:S:m stocking:GN:x stockings:S:
stockmarket:N: stockpickers:S: stockpile:NV:m stockpiled:E: stockpiles:SP: stockpiling:N:a stockroom:N:x stocks-boosted:N: stocks-index:J: stocks:SPR:x
stocky:J: stockyards:S: stockynges:S: stodgy:J: stoic:N:p stoicaly:R: stoicism:N:u stoke:V: stoked:E: stoker:N:p stoking:G: stole:D: stolen:EJ:
stolid-looking:J: stolid:J: stolidly:R: stomach-belly:N: stomach-churning:J: stomach:NV:x stomachs:S: stomachwise:R: stomack:N: stomped:DE:
stomping:GN: stone-age:J: stone-blind:J: stone-gray:J: stone-still:J: stone:NRV:x stoned:E: stonelike:J: stonemason:N:p stones:S: stonewalled:D:
stoneware:N:x stonework:N:x stonily:R: stony-meteorite:J: stony:J: stood:DE: stooges:S: stool:N:x stools:S: stooooomp:V: stoop:VN:a stooped:D:
stooping:G: stop-and-start:J: stop-gap:J: stop-limit:J: stop-loss:NJ: stop-motion:JN: stop-overs:S: stop-payment:N: stop-shipment:J: stop-work:J:
stop:VN:a stopgap:NJ:a stopover:N:l stopovers:S: stoppage:N:s stoppages:S: stopped:DE: stopper:N:w stopping-point:N: stopping:GN:x stops:PS:a
stopwatch:N:x storability:N: storage-case:N: storage:NJ:a store-brand:J: store-front:J: store-name:J: store-sales:N: store:NV:x stored-up:J: stored:ED:
storefront:N:x storefronts:S: storehouse:N:x storehouses:S: storekeeper:N:p storekeepers:S: storeria:N:n storeroom:N:x stores:SP: storied:J: stories:S:
storing:GN: storm-damaged:J: storm:NV:s stormbound:J: stormed:DE: stormier:J: storming:G: storms:S: stormy:J: story-book:N: story:N:w storyline:N:w
storylines:S: storyteller:N:p storytellers:S: storytelling:N: stout-hearted:J: stout:J: stoutly:R: stove:N:x stoves:S: stowaway:N:p stowed:ED:
straddle:V: straddled:DE: straddles:PS: straddling:G: strafe:V: strafing:G: straggle:V: straggled:D: straggler:N:p stragglers:S: straggling:G:
straight-armed:D: straight-backed:J: straight-haired:J: straight-line:J: straight-out:J: straight-talking:J: straight:JR: straightaway:NR:x
straighten:V: straightened:DE: straighteners:S: straightening:GN: straightens:P: straighter:JR: straightforward:J: straights:S: straightway:R:
strain:NV:s strained:DJE: strainers:S: strainin:G: straining:G: strains:S: strait-laced:J: strait:N:x straitjacket:N:k straitjacketed:J: straits:S:s
stramonium:N: strand:N:k stranded:ED: stranding:G: strands:S: strange-sounding:J: strange:J: strangely:R: strangeness:N:u stranger:NJ:p strangers:S:
strangest:J: strangled:EJ: stranglehold:N:u strangles:P: strangulation:N:a strap:VJ: strapped:EDJ: strapping:JGN: straps:S: strata:S: stratagem:N:a
stratagems:S: strategic-arms:JSN: strategic-planning:J: strategic-weapons:J: strategic:J: strategically:R: strategicarms:S: strategies:S:
strategist:N:p strategists:S: strategy:N:k stratification:N:a stratified:JE: stratify:V: stratosphere:N:x stratospheric:J: stratum:N:l stravinsky:N:p
straw-and-mud:J: straw-colored:J: straw-hat:J: straw-man:N: straw:NJ:x strawberries:S: strawberry:N:f straws:S: stray:JNV:n strayed:DE: straying:G:
strays:S: streak:NV:g streaked:DE: streaking:G: streaks:S: stream-of-consciousness:N: stream:NV:x streamed:DE: streamer:N:s streamers:S: streaming:G:
streamline:V: streamlined:JDE: streamliner:N:x streamlining:GN: streams:S: streamside:N: street-corner:J: street:N:x streetcar:N:x streetcars:S:
streetfighter:N: streetlight:N:x streets:S: strenghtening:G: strengtened:E: strength:N:u strengthen:V: strengthened:EJD: strengthening:GJN:a
strengthens:P: strengths:S: strenuous:J: strenuously:R: stress-producing:J: stress-provoking:J: stress-related:J: stress-temperature:J: stress:NV:w
stressed-out:J: stressed:DJE: stresses:SP: stressful:J: stressing:G: stressors:S: stretch:NVJ:x stretched:DJE: stretcher:N:x stretchers:S:
stretches:SP: stretching:GN:a strewn:E: striation:N:u stricken:EJ: strict:J: stricter:J: strictest:J: strictly:R: strictures:S: stride:NV:a strident:J:
stridently:R: strides:SP: striding:G: strife-free:J: strife:N:s strike-bound:J: strike-force:N: strike-outs:S: strike:NV:a strikebreakers:S:
strikeout:N:a strikers:S: strikes:SP: striking:JG: strikingly:R: string-of-pearls:J: string:NV:x stringed:J: stringent:J: stringently:R: stringing:G:
strings:SP:g stringy:J: strip:NV:x striped:J: stripes:S:w stripped-down:J: stripped:EJD: stripper:N:x strippers:S: stripping:GN:a strips:SP:
striptease:N:p strive:V: strived:D: striven:E: strivers:S: strives:P: striving:GN:a strivings:S: strobe:N:x strode:D: stroke:NV:a stroked:DE:
strokes:SP: stroking:NG:a stroll:NV:a strolled:DE: strollers:S: strolling:G: strolls:P: strong-arm:J: strong-jawed:J: strong-made:J: strong-willed:J:
strong:JR: stronger-than-expected:J: stronger:JR: strongest:J: stronghold:N:x strongholds:S: strongly:R: strongman:N:p strongrooms:S: strophe:N:w
stropped:D: stropping:G: strove:D: struck:DE: structively:R: structural-adjustment:JN: structural:J: structurally:R: structure:NV:x structured:EJD:
structures:SP: structuring:GN: struggle:NV:a struggled:DE: struggles:SP: struggling:GJ: strumming:G: strung:ED: strut:N:a strutted:D: strutting:GJ:
strychnine:N:x stub:NV:x stubbed:E: stubble:JN:x stubborn:J: stubbornly:R: stubbornness:N:u stubby:J: stubs:S: stucco:N:x stuck-up:J: stuck:EDJ:
stud:N:p studded:E: student-athlete:N: student-athletes:S: student-directed:J: student-led:J: student-loan:JN: student-physicists:S: student-test:J:
student:N:p studentled:E: students:S: studied:EDJ: studies:SP: studio-quality:JN: studio:N:x studios:S: studious:J: studiously:R: studiousness:N:u
studs:S: study-plan:N: study:NV:a studying:GN:w stuff:NV:x stuffed:EJD: stuffing:GN:f stuffy:J: stuggles:P: stultifying:J: stumble:VN:a stumbled:DE:
stumbles:PS: stumbling-block:N: stumbling:GJN: stump:NV:b stumpage:N: stumped:E: stumping:N:a stumps:S: stumpy:J: stung:ED: stunk:D: stunned:DEJ:
stunning:J: stunningly:R: stunt:NV:a stunted:E: stunts:S: stupefying:J: stupefyingly:R: stupendous:J: stupendously:R: stupid:J: stupidest:J:
stupidities:S: stupidity:N:k stupidly:R: stupor:N:s sturdiest:J: sturdily:R: sturdy:J: sturgeon:N:n stutter:N:s style-cramper:N: style:N:u styled:EDJ:
stylemark:N:u styles:S: styling:NG: stylish:J: stylishly:R: stylist:N:p stylistic:J: stylistically:R: stylization:N:a stylized:JE: stymie:V:
stymied:EJ: styrene:N:x styrenes:S: styryl-lithium:N: suability:N: suable:J: suave:J: suavity:N:u sub-assemblies:S: sub-assembly:N:x sub-chiefdom:N:
sub-chiefs:N: sub-conscious-level:N: sub-freezing:J: sub-group:N: sub-headlines:S: sub-human:J: sub-interval:N:k sub-markets:S: sub-minimum:J:
sub-segments:S: sub-station:JN: sub-surface:N: sub-test:N:a sub-tests:S: sub-therapeutic:J: sub-underwriters:S: sub-underwriting:G: sub-zero:J: sub:N:f
subaltern:N:p subatomic:J: subbing:G: subcommitee:N: subcommittee:N:g subcommittees:S: subcompact:NJ:x subcompacts:S: subconferences:S:
subconscious:JN:k subconsciously:R: subcontinent:N:x subcontract:VJN:w subcontracting:NJG: subcontractor:N:p subcontractors:S: subcontracts:S:
subdirector:N: subdivision:N:l subdivisions:S: subdue:V: subdued:EJD: subdues:P: subduing:G: subfigure:N:u subfigures:S: subgross:J: subgroup:N:g
subgroups:S: subhumanity:N: subindustry:N: subject:NJV:w subjected:E: subjecting:G: subjective:J: subjectively:R: subjectivist:N:p subjectivists:S:
subjectivity:N:u subjects:SP: subjugate:V: subjugated:J: subjugating:G: subjugation:N:s sublease:N:m sublet:VE: sublicense:N: sublimate:NV:x
sublime:JN: sublimed:E: subliminal:J: subliterary:J: sublunary:J: submachine:J: submarine-ball:N: submarine-based:J: submarine-launched:J:
submarine:NJ:x submariners:S: submarines:S: submerge:V: submerged:EJ: submerging:G: subminimum:JN: submission:N:w submissions:S: submissive:J:
submit:V: submits:P: submitted:ED: submitting:GN: submucosa:N:x subnational:J: subnormal:J: suborbital:J: subordinate:JNV:p subordinated:EJD:
subordinates:SP: subordinator:N: subpar:J: subparagraph:N: subpart:N:z subparts:S: subpenaed:E: subpenas:S: subplots:S: subpoena:NV:w subpoenaed:ED:
subpoenas:S: subrogation:N:a subroutine:N:w subroutines:S: subs:S: subscribe:V: subscribed:ED: subscriber:N:p subscribers:S: subscribes:P:
subscribing:G: subscription:NJ:m subscriptions:S: subscripts:S: subsection:N:x subsections:S: subsedies:S: subsequent:J: subsequently:R:
subservience:N:s subservient:J: subset:N:g subsidary:J: subside:V: subsided:DE: subsidence:N:a subsides:PS: subsidiaries:S: subsidiarity:N:s
subsidiary:NJ:p subsidies:S: subsiding:G: subsidization:N:m subsidize:V: subsidized:JE: subsidizes:P: subsidizing:G: subsidy:N:m subsist:V:
subsistence:N:m subsistent:J: subskill:N: subskills:S: subsoil:N:x subspace:N:g subspaces:S: subspecies:S:g substance-abusing:J: substance:N:z
substances:S: substandard:J: substantial:J: substantially:R: substantiate:V: substantiated:J: substantiates:P: substantiation:N:k substantive:JN:w
substantively:R: substation:N:x substations:S: substerilization:N: substitute:NJV:k substituted:EJD: substitutes:SP: substituting:G: substitution:N:a
substitutionary:J: substitutions:S: substracting:G: substrate:N:x substrates:S: substratum:N:l substructure:N:x subsumed:E: subsurface:J: subsystem:N:g
subsystems:S: subtended:J: subtends:P: subterfuge:N:w subterfuges:S: subterranean:J: subtilis:S: subtitle:N:w subtitled:E: subtitles:S: subtle:J:
subtler:JN: subtleties:S: subtlety:N:w subtly:R: subtract:V: subtracted:ED: subtracting:G: subtraction:N:a subtype:N: subtypes:S: suburb:N:l
suburban:J: suburbanite:JN:p suburbanites:S: suburbanized:E: suburbia:N:l suburbs:S: subversion:N:a subversive:J: subversives:S: subvert:V:
subverted:E: subverting:G: subverts:P: subway:N:x subways:S: subzero:J: succeed:V: succeeded:ED: succeeding:GJN: succeeds:P: succesful:J:
success-oriented:J: success:N:a successes:S: successful:J: successfully:R: succession:N:u successive:J: successively:R: successor-designate:J:
successor:N:p successors-in-spirit:S: successors:S: successorship:N: succinct:J: succinctly:R: succor:N:a succulent:J: succumb:V: succumbed:ED:
succumbing:G: succumbs:P: sucess:N: such:JT: suck:VN:a sucked:DE: sucker-rolling:J: sucker:N:p suckered:E: suckers:S: sucking:GN:a sucks:P: suction:N:s
sudanese:N:p sudden-end:J: sudden:J: suddenly:R: suddenness:N:u suds:SN:x sudsing:N: sue:V: sued:DE: suede:N:x sues:P: suey:N: suffer:V: sufferd:E:
suffered:DE: sufferer:N:p sufferers:S: suffering:GJN:s sufferings:S: suffers:P: suffice:V: sufficed:D: sufficent:J: sufficiency:N:s sufficient:J:
sufficiently:R: suffix:N:w suffixand:N: suffixes:S: suffocate:V: suffocated:E: suffocating:GJ: suffocation:N:a suffrage:N:u suffragettes:S: suffuse:V:
suffused:DE: sugar-cane:JN: sugar-coated:J: sugar-growing:JN: sugar-producing:J: sugar-subsidy:N: sugar-using:J: sugar:NV:f sugarcane:N:b sugared:JE:
sugars:S: sugary:J: suggest:V: suggested:DEJ: suggestibility:N:s suggesting:G: suggestion:N:k suggestions:S: suggestive:J: suggests:P: suhthuhn:J:
suicidal:J: suicide:N:a suicides:S: suing:G: suit-and-tie:J: suit:NVR:x suitability:N:u suitable:J: suitably-loaded:J: suitably:R: suitcase-sized:J:
suitcase:N:x suitcases:S: suite:N:w suited:ED: suites:S: suitor:N:p suitors:S: suits:SP: suject:J: sulfide:N:x sulfur-dioxide:N: sulfur:N:x sulfuric:J:
sulfurous:J: sulked:D: sulkily:R: sulking:G: sulks:S: sulky:JN:x sullen:J: sullenly:R: sullying:G: sulphur:N:x sulphured:E: sulphurous:J: sultan:N:p
sultans:S: sultry:J: sum:NV:m sumac:N:b sumatra:N:l summaries:S: summarily:R: summarization:N:w summarize:V: summarized:ED: summarizes:P:
summarizing:G: summary:N:w summate:NV: summation:N:w summed:DE: summer-holiday:J: summer-long:J: summer-winter:J: summer:N:t summers:S: summertime:N:t
summing:G: summit:NJ:s summiteers:S: summitry:N: summits:S: summon:V: summoned:ED: summoning:G: summons:N:w summonses:S: sumptuous:J: sums:SP:
sun-baked:J: sun-bleached:J: sun-browned:J: sun-burned:J: sun-drenched:J: sun-inflamed:J: sun-kissed:J: sun-parched:J: sun-suit:N: sun-tan:J:
sun-tanned:J: sun-warmed:J: sun:NV:x sunbaked:J: sunbleached:E: sunbonnet:N:x sunbonnets:S: sunburn:NV:s sunburnt:J: sunday:N:t sunder:V: sundial:N:x
sundials:S: sundown:N:t sundry:J: sunflower:N:b sunflowers:S: sung:E: sunglasses:NS:x sunk:ED: sunken:J: sunlight:N:s sunnier:J: sunning:G: sunny:J:
sunray:N:s sunrise:N:t sunroof:N:x suns:S: sunset:NV:t sunsets:S: sunshade:N:x sunshades:S: sunshield:N: sunshine:N:s sunshiny:J: sunspot:N:s
suntan:N:s sup:V: super-absorbent:J: super-charged:J: super-charger:N: super-city:N: super-condamine:N: super-empirical:J: super-exciting:J:
super-expensive:J: super-experiment:N: super-fast:J: super-headache:N: super-high:J: super-imposed:E: super-majority:JN: super-regional:J:
super-regionals:S: super-regulator:N: super-rich:J: super-secret:J: super-spy:N: super-status:J: super-strict:J: super-string:J: super-user:N: super:J:
superagent:N: superb:J: superbly:R: supercede:V: superceded:DE: supercharged:J: supercharger:N:x supercilious:J: supercollider:N: supercolliding:G:
supercomputer:N:x supercomputers:S: superconcentrated:J: superconcentrates:S: superconductivity:N:s superconductor:N: superconductors:S:
supercritical:J: superefficient:J: superego:N:k superfast:J: superficial:J: superficiality:N:u superficially:R: superfluous:J: supergiants:S:
superhighway:N:x superhighways:S: superieure:N: superimpose:V: superimposed:EJ: superimposes:P: superimposing:G: superintend:V: superintendent:N:p
superintendents:S: superior:JN:p superiority:N:u superiors:S: superlative:J: superlatives:S: superlunary:J: supermachine:N: supermainframe:N:
supermarket:N:x supermarkets:S: supernatant:J: supernatural:JN:p supernaturalism:NJ:k supernormal:J: superposition:N:s superpower:N:g superpowers:S:
superpremiums:S: superregional:J: supersafe:N: supersede:V: superseded:ED: supersedes:P: supersensitive:J: supersonic:J: superstar:N:p superstars:S:
superstate:N: superstition:N:k superstitions:S: superstitious:J: superstores:S: superstrong:J: superstructure:N:x supertanker:N:x supertankers:S:
supertitles:S: supervened:E: supervise:V: supervised:DJE: supervises:P: supervising:G: supervision:N:a supervisor:N:p supervisors:S: supervisory:J:
supervote:N: supervoting:J: supine:N: supinely:R: supper:N:f suppers:S: supplant:V: supplanted:E: supplanting:G: supple:J: supplement:NV:w
supplemental:J: supplementary:JN: supplemented:ED: supplementing:G: supplements:SP: suppleness:N:u supplicating:G: supplied:ED: supplier:N:p
suppliers:S: supplies:SP: supply-and-demand:N: supply-demand:JN: supply-driven:J: supply-side:JN: supply-sider:N: supply:NV:q supplying:G: support:NV:a
supportable:J: supported:EJD: supporter:N:p supporters:S: supporting:GJ: supportive:J: supports:PS: suppose:V: supposed:EJD: supposedly:R: supposes:P:
supposing:G: suppositions:S: suppository:N:x suppress:V: suppressant:N:x suppressants:S: suppressed:EJD: suppresses:P: suppressing:G: suppression:N:s
suppressor:N:p suppressors:S: supra-personal:J: supra:R: supranational:J: supranationalism:N: supraventricular:J: supremacy:N:s supreme:NJ:
supremely:R: supression:N: supressor:N: suprise:N: surcease:N:a surcharge:N:m surcharges:S: sure-enough:J: sure-fire:J: sure-sure:N: sure:JTRU:
surefire:J: surely:R: surest:J: surety:N:u surf:NV:a surface-active:J: surface-analyzer:N: surface-declaring:J: surface-to-air:J: surface:NV:x
surfaced:DE: surfaceness:N: surfaces:SP: surfacing:G: surfactant:N:x surfactants:S: surfboard:N:x surfeit:NV:s surfeited:E: surfers:S: surfing:N:a
surge:NV:a surged:DE: surgeon:N:p surgeons:S: surgeries:S: surgery:N:k surges:SP: surgical-abortion:J: surgical:J: surgically:R: surgicenters:S:
surging:GJ: surly:J: surmise:V: surmised:DE: surmises:S: surmount:V: surmounted:DE: surmounting:G: surname:N:w surpass:V: surpassed:ED: surpasses:P:
surpassing:GR: surplus:NJ:u surpluses:S: surprise-filled:J: surprise:NJRV:s surprised:EDJ: surprises:SP: surprising:JG: surprisingly:R: surreal:J:
surrealism:N:g surrealist:J: surrealistic:J: surrealists:S: surrender:NV:s surrendered:DE: surrendering:G: surreptitious:J: surreptitiously:R:
surreys:S: surrogacy:N: surrogate:JN:p surrogates:S: surround:V: surrounded:ED: surrounding:GJN: surroundings:S:s surrounds:P: surtax:N:m surtaxes:S:
surtout:N:x surveillance:N:a survey-type:J: survey:NV:a surveyed:ED: surveying:GN:a surveyor:N:p surveys:SP: survivability:N: survivable:J:
survival:N:s survivalist:N:p survivalists:S: survivals:S: survive:V: survived:DE: survives:P: surviving:G: survivor:N:p survivors:S:
susceptibilities:S: susceptibility:N:s susceptible:JN: susceptors:S: sushi:N:f suspect:VJN:p suspected:EDJ: suspecting:G: suspects:PS: suspend:V:
suspended:EJD: suspender-clad:J: suspender:N:x suspenders:S: suspending:G: suspends:P: suspense:N:s suspenseful:J: suspension:N:x suspensions:S:
suspensor:N:x suspicion:N:k suspicions:S: suspicious:J: suspiciously:R: sustain:V: sustainability:N:u sustainable:J: sustained:EDJ: sustaining:G:
sustains:P: sustenance:N:f suttee:N:a suture:N:x sutures:S: suvivors:S: suzerain:N:g suzerainty:N:s svelte-looking:J: svelte:J: swab:V: swabbed:D:
swad:N:g swagger:N:p swaggered:DE: swaggering:G: swahili:N:w swallow:VN:f swallowed:ED: swallowing:G: swallows:SP: swam:D: swami:S:p swamp:NV:x
swamped:ED: swamping:G: swamps:S: swampy:J: swan:N:n swank:J: swankier:J: swanky:J: swanlike:J: swans:S: swap:NV:a swapped:ED: swapping:GN: swaps:S:
sward:N:x swarm:NV:g swarmed:DE: swarming:G: swarms:S: swart:J: swarthy:J: swash:N:a swashbuckler:N:p swashbuckling:J: swastika:N:w swat:N:a swatch:N:x
swatches:S: swath:N:q swathe:N:x swathed:E: swathing:N:x swathings:S: sway-backed:J: sway:VN:u swayed:DE: swaying:GN: swear:V: swearing-in:N:
swearing:NG:w swearinge:G: swears:P: sweat-saturated:J: sweat-soaked:J: sweat-suits:S: sweat:NDV:x sweatband:N:x sweated:DE: sweater:N:x sweaters:S:
sweating:GN:s sweats:S:x sweatshirt:N:x sweatshirts:S: sweatshop:N:x sweatshops:S: sweatsuit:N:x sweaty:J: swede:N:p sweden:N:l sweep:NV:u sweepers:S:
sweeping:GJN:a sweepingly:R: sweepings:S: sweeps:SP: sweepstakes:NS:a sweet-clover:N: sweet-faced:J: sweet-natured:J: sweet-shrub:N: sweet-smelling:J:
sweet-sounding:J: sweet-sour:J: sweet-throated:J: sweet-tongued:J: sweet:J: sweeten:V: sweetened:EDJ: sweetener:N:f sweeteners:S: sweetening:N:f
sweetens:P: sweeter:J: sweetest-tasting:J: sweetest:J: sweetheart-secretary:N: sweetheart:NJ:p sweethearts:S: sweetish:J: sweetly:R: sweetness:N:k
sweetpeas:S: sweets:S: swell:VJN:a swelled:DEJ: swelling:GJN:s swellings:S: swells:SP: sweltering:J: swept:DJE: swerve:VN:a swerved:D: swerving:G:
swift-footed:J: swift-striding:J: swift:JNR:p swiftest:J: swiftly:R: swiftness:N:u swig:N:a swim:VN:a swimmer:N:p swimmers:S: swimming:GJN:a swims:P:
swimsuit:N:x swimsuits:S: swindled:ED: swindlers:S: swindling:G: swine:S:n swing:NVJ:s swinger:N:p swingin:NG: swinging:GJ: swings:SP: swingy:J:
swipe:NV:a swiped:DE: swipes:P: swiping:G: swirl:NV:u swirled:D: swirling:G: swirls:S: swished:DE: swiss:N:p switch-hitter:N:p switch:NV:x
switchblade:N:x switchboard:N:x switched:DEJ: switchers:S: switches:SP: switchgear:N: switching:GN:a switzerland:N:l swivel:JNV:x swiveling:G:
swollen-looking:J: swollen:JE: swoon:N:a swooning:N: swoons:S: swoop:N:w swooped:D: swooping:G: swoops:NP: sword:N:x sworde:N: swordfish:N:f swords:S:
swore:D: sworn:EJ: swum:E: swung:DE: sycamore:N:b sycophantic:J: sycophantically:R: sycophantishness:N: sycophants:S: syllabicity:N:w syllable:N:w
syllables:S: sylvan:J: symbiotic:J: symbol:N:w symbolic-sounding:J: symbolic:J: symbolical:J: symbolically:R: symbolism:N:w symbolist:N:p symbolists:S:
symbolize:V: symbolized:DE: symbolizes:P: symbolizing:G: symbols:S: symmetric:J: symmetrical:J: symmetrically:R: symmetry:N:u sympathetic:J:
sympathetically:R: sympathies:S: sympathize:V: sympathized:D: sympathizers:S: sympathizing:G: sympathy:N:k symphonic:J: symphonies:S: symphony:N:w
symposium:N:g symposiums:S: symptom-free:J: symptom:N:s symptomatic:J: symptomless:J: symptoms:S: synagogue:N:x synagogues:S: synapses:S: sync:N:
synce:I: synchotron:J: synchronism:N:z synchronize:V: synchronized:EJ: synchronizers:S: synchronous:J: synchrony:N:z syndciated:E: syndicate:NV:g
syndicated:EDJ: syndicates:S: syndicating:G: syndication:N:a syndications:S: syndicator:N:p syndicators:S: syndrome:N:k synergies:S: synergism:N:s
synergistic:J: synergy:N:s syngeries:S: synonym:N:w synonymous:J: synonyms:S: synonymy:N:z synopsis:N:w syntactic:J: syntactical:J: syntactically:R:
syntax:N:k synthesis:N:s synthesised:E: synthesize:V: synthesized:E: synthesizer:N:p synthesizers:S: synthesizes:P: synthesizine:N:
synthetic-diamond:N: synthetic-leather:J: synthetic:JN:x synthetical:J: synthetics:S: syria:N:l syringa:N:b syringe:N:x syringes:S: syrup:N:f syrups:S:
syrupy:J: system-management:N: system-specific:J: system:N:x systematic:J: systematically-simple:J: systematically:R: systematization:N:a
systematized:E: systematizing:G: systemic:J: systemization:N: systems-integration:N: systems-strategies:S: systems:S: systemwide:J: t-square:N:x
t-tau:N: t:N:x tab-lifter:N: tab:N:w tabac:N: tabacs:S: tabbed:D: tabby:JN:n tabernacles:S:t table-tennis:N: table-top:J: table:NV:g tableau:N:g
tablecloths:S: tabled:E: tableland:N:x tablemodel:N: tables:S: tablespoon:N:q tablespoonful:NJ:q tablespoonfuls:S: tablespoons:S: tablet-shattering:J:
tablet:N:x tabletop:N:x tablets:S: tableware:N:x tabling:GJN: tabloid-style:J: tabloid:NJ:w tabloids:S: taboo:JNV:k taboos:S: tabs:S: tabula:N:
tabulate:V: tabulated:EJD: tabulation:N:w tabulations:S: tachyarrhythmia:N: tachycardia:N:s tacit:J: tacitly:R: tack-solder:V: tack:NV:l tacked-down:J:
tacked:DE: tackiest:J: tacking:G: tackle:VN:p tackled:E: tackles:PS: tackling:G: tacks:S: tacky:J: tacos:S: tact:N:u tactful:J: tactic:N:k tactical:J:
tactically:R: tacticians:S: tactics:S:k tactile:J: tactlessness:N:u tactual:J: tactually:R: tad:NR:q tadpole:N:n tadpoles:S: taffeta:N:x taffy:J:
taffycolored:E: tag-team:J: tag:NV:w tagged:EDJ: tagging:G: tagline:N: tags:SP: tagua:N: tahiti:N:l tail:NJV:n tailback:N:p tailgate:N:x tailin:N:
tailing:G: tailor-made:J: tailor-make:V: tailor:VN:p tailored:EJ: tailoring:GN:a tailpipe-emission:JN: tailpipe-emissions:SJ: tailpipe:N:x tails:S:x
tailspin:N:s taint:NV:s tainted-meat:N: tainted:EDJ: taiwan:N:l take-away:J: take-home:J: take-it-or-leave:J: take-off:N: take-or-pay:J: take-out:N:
take-up:J: take:VN:m takeaways:S: takeing:G: taken:EG: takeoff-warning:J: takeoff:N:a takeoffs:S: takeout:N:f takeover-defense:J: takeover-driven:J:
takeover-proof:J: takeover-related:J: takeover-stock:JN: takeover-threat:N: takeover:N:a takeovers:S: taker:N:p takers:S: takes:P: taketh:V: takin:G:
taking:GN:a takings:S:m takover:N: tale:N:w talent:N:k talented:J: talents:S: tales:S: talismanic:J: talk-aboutiveness:N: talk-format:N: talk-show:NJ:
talk:VN:w talkative:J: talked:DE: talker:N:p talkfest:N: talkin:GN: talking:GN:w talks-including:J: talks:SP:w talky:J: tall-growing:J: tall-masted:J:
tall-oil:J: tall-tale:N: tall:J: taller:JR: tallest:J: tallied:ED: tallies:S: tallow:N:x tally:NV:a tallyho:N: tallying:G: talons:S: tamale:N:l
tambourine:N:x tame:JV: tamer:J: taming:G: tamp:V: tamper-proof:J: tamper-resistant:J: tamper:V: tampered:D: tampering:GN:a tampers:S: tampons:S:
tan:JN:s tandem-seat:J: tandem-trainer:N: tandem:NJ:u tang:N:u tangency:N:s tangent:JN:u tangential:J: tangents:S: tangere:J: tangible:J: tangibly:R:
tangle:NV:x tangled:JDE: tango:N:a tangoed:D: tangos:S: tangy:J: tank-related:J: tank:NV:x tanked:E: tanker:N:x tankers:S: tanking:G: tanks:S:
tanned:JE: tannin:N:x tanning:N:s tans:S: tansy:N:b tantalized:E: tantalizing:GJ: tantalizingly:R: tantamount:J: tantrum:N:s tantrums:S: tap-tap:N:
tap:VN:a tapdance:N: tape-delay:N: tape-product:N: tape-recorded:DJ: tape:NV:x taped:EJD: taper:VN:u tapered:JE: tapering:G: tapers:PS: tapes:S:
tapestries:S: tapestry:N:u taping:NG:x tapings:S: tapioca:N:f tapis:N:x tapped:DE: tappet:N:x tappets:S: tapping:GN:a taps:SP:w tar-soaked:J: tar:N:x
taragon:N: tarantara:N: tardiness:N:u tardy:J: target-hunting:J: target-language:N: target:NV:w targeted:EDJ: targeting:GN: targets:SP:
tariff-cutting:N: tariff-free:J: tariff-reduction:N: tariff:N:m tariffs:S: tarmac:N:x tarnish:V: tarnished:EJD: tarpapered:J: tarpaulin:N:x
tarpaulins:S: tarpon:N:n tarred:ED: tarry:V: tart:JN:p tartan-patterned:J: tartan:N:x tartans:S: tartare:N: tartly:R: task-force:N: task:NV:a
taskmaster:N:p tasks:S: tassel:N:x tassels:S: taste:NV:k tasted:DE: tasteful:J: tastefully:R: tasteless:J: tastes:SP: tastier:J: tasting:GN:k tasty:J:
tat:V: tattered:JE: tatters:S: tattle-tale:N: tattoo:N:w tattooed:E: taught:ED: taunt:NV:a taunted:DE: taunting:GN:a tauntingly:R: taunts:S:
taut-nerved:J: taut:JR: tavern:N:x taverns:S: tawdry:J: tawny:J: tax-accounting:N: tax-advantaged:J: tax-aided:J: tax-and-budget:J: tax-and-spend:J:
tax-and-spending:J: tax-anticipation:JN: tax-avoidance:JN: tax-backed:J: tax-based:J: tax-collecting:J: tax-collection:JN: tax-compliance:N:
tax-credit:N: tax-cut:JN: tax-deductible:J: tax-deductions:S: tax-deferred:J: tax-department:J: tax-driven:J: tax-evasion:N: tax-exempt:J:
tax-exemption:N: tax-exempts:S: tax-fraud:N: tax-free:J: tax-freedom:N: tax-give-away:J: tax-haven:JN: tax-law:NJ: tax-loss:NJ: tax-overhaul:JN:
tax-paying:J: tax-payment:N: tax-policy:N: tax-preparation:N: tax-rate:JN: tax-reducing:G: tax-reduction:N: tax-reform:JN: tax-revenue:N:
tax-revision:J: tax-shelter:JN: tax-sheltered:J: tax-software:N: tax-supported:J: tax-understatement:J: tax-uniformity:N: tax-writers:S: tax-writing:J:
tax:NV:m taxable-equivalent:J: taxable-fund:J: taxable:J: taxation:N:m taxed:EJD: taxes:SP: taxfree:J: taxi-ways:S: taxi:N:x taxicab:N:x
taxidermist:N:p taxidriver:N:p taxied:D: taxiing:G: taxing:GJN: taxis:SP:a taxlow:N: taxpayer-related:J: taxpayer:N:p taxpayers:S: taxpaying:J:
tea-drinking:N: tea-leaf:N: tea:N:f teabag:N: teacart:N:x teach:V: teacher-cadet:J: teacher-employee:N: teacher:N:p teachers:S: teaches:P:
teaching:NG:a teachings:S: teahouse:N:x teahouses:S: teakettle:N:x teakwood:N:b team-management:N: team-mate:N: team:NV:g teamed:DE: teaming:G:
teammate:N:p teammates:S: teams:SP: teamster:N:p teamsters:S: teamwork:N:a teapot:N:x tear-filled:J: tear-jerkers:S: tear-jerking:J: tear-soaked:J:
tear:VN:x teardrop:N:u tearfully:R: tearing:G: tears:SP:a teary-eyed:J: teas:S: tease:VN:p teased:ED: teaser:N:p teasers:S: teasing:JNG:a teaspoon:N:q
teaspoonful:JN:q teaspoonfuls:S: teaspoons:S: teat:N:x teats:S: tebuthiuron:N: tech:N:g technical-ladder:J: technical-services:S: technical:J:
technicalities:S: technicality:N:s technically:R: technician:N:p technicians:S: technique:N:k techniques:S: techno-managerial:J: technocratic:J:
technocrats:S: technological:J: technologically-improved:J: technologically:R: technologies:S: technologist:N:p technology-based:J:
technology-licensing:J: technology-related:J: technology-transfer:N: technology:N:a technolology:N: technophiliac:J: teddy-bear:N: teddy:N:x tedious:J:
tediously:R: tedium:N:s tee:NV:l teed:DE: teemed:D: teeming:G: teems:P: teen-age:J: teen-ager:N: teen-agers:S: teen:JN:p teenage:J: teenager:N:p
teenagers:S: teens:SN:t teensy:J: teetered:D: teetering:GJ: teeth:SR:x teething:G: teetotaler:N:p tektite:N:x tektites:S: tele-processing:J:
telecast:N:w telecines:S: telecom:N:w telecommunication:N:w telecommunications:SJN: teleconferences:S: telecopier:N: telefax:N: telegram:N:w
telegrams:SP: telegraph:NV:x telegraphed:D: telegrapher:N:p telegraphers:S: telegraphic-transfer:J: telegraphic:J: telegraphing:G: telegraphy:N:w
telemarketers:S: telemarketing:N:a teleological:J: teleology:N:k telepathic:J: telepathically:R: telepathy:N:w telephone-access:J: telephone-booth:N:
telephone-call:N: telephone-company:N: telephone-information:N: telephone-marketing:J: telephone-network:J: telephone:NV:x telephoned:DE: telephones:S:
telephoning:GN: telescope:NV:x telescoped:E: telescopes:S: telescopic:J: telescoping:N: telesystems:S: teletype:N: televangelism:N:w televised:EJ:
televising:N: television-related:J: television-viewing:N: television:N:w televisions:S: televison-record:N: televison:N: telex:N:x telexes:S:
tell-all:J: tell-tale:JN: tell:V: teller:N:p tellers:S: telling:GJN:w tellingly:R: tells:P: telltale:JN:p telomeric:J: temblor-prone:J: temblor:N:a
temblors:S: temerity:N:u tempeh:N: temper:NV:s tempera:N:x temperament:N:u temperamental:J: temperaments:S: temperance:N:u temperate:J: temperately:R:
temperature:N:u temperatures:S: tempered:ED: tempering:G: tempers:S: tempest:N:s tempestuous:J: template:N:k temple:N:x temples:S: tempo:N:t
temporal:JN:w temporally:R: temporarily:R: temporary-help:JN: temporary:J: tempore:N: temporize:V: temporized:D: temporizing:G: tempos:S: temps:S:
tempt:V: temptation:N:k temptations:S: tempted:ED: tempting:J: temptingly:R: tempts:P: ten-by-ten-mile:J: ten-concert:J: ten-day:J: ten-foot:J:
ten-gallon:J: ten-hour:J: ten-minute:J: ten-month:J: ten-year:J: ten:N:q tenable:J: tenacious:J: tenaciously:R: tenacity:N:u tenancy:N:a tenant:N:p
tenants:S: tend:V: tended:DEJ: tendencies:S: tendency:N:k tendentious:J: tender-offer:J: tender:NVJ:m tendered:EJD: tenderfoot:N:p tendering:GN:
tenderly:R: tenderness:N:u tenders:S: tending:GN:a tendon:N:x tendons:S: tends:P: tenebrous:J: tenement:N:x tenements:S: tenet:N:w tenets:S:
tenfold:RJ: tennessee:N:l tennis:N:a tenor:N:w tenors:S: tens:S: tense:JN:w tensed:D: tensely:R: tenses:S: tensile:J: tension:N:s tensional:J:
tensioning:G: tensionless:J: tensions:S: tenspot:N: tent:N:x tentacle:N:u tentacles:S: tentative:JN: tentatively:R: tenterhooks:S: tenth:JN:q tenths:S:
tenting:N:a tents:S: tenuous:J: tenuously:R: tenure:N:t tepees:S: tepid:J: tequila:N:f teratologies:S: term-end:J: term:NV:w termed:DE: terminal:NJ:x
terminals:S: terminate:V: terminated:ED: terminates:P: terminating:G: termination:N:t terminations:S: terming:G: termini:S: terminology:N:w
terminus:N:l termites:S: terms:SP:s ternational:J: terra-cotta-colored:J: terra:N: terrace:N:x terraced:E: terraces:S: terrain-marring:J: terrain:N:l
terrains:S: terrazzo:N: terrestial:J: terrestrial:J: terrestrially:R: terrible:J: terribly:R: terrier:N:n terriers:S: terrific:J: terrified:EJD:
terrifies:P: terrify:V: terrifying:JG: terrine:N:f territorial:JN:p territories:S: territory:N:l terror-filled:J: terror-stricken:J: terror:N:s
terrorism:N:a terrorist:JN:p terroristic:J: terrorists:S: terrorize:V: terrorized:ED: terrorizing:G: terrors:S: terry-cloth:N: terry:N:p terrycloth:N:x
ters:S: terse:J: tersely:R: tertian:J: tertiary:J: test-coaching:J: test-drive:V: test-fired:E: test-like:J: test-market:N: test-marketed:DEJ:
test-marketing:GJN: test-practice:J: test-prep:J: test-preparation:J: test-run:N: test-tube:N: test:NV:k testament:N:k testaments:S: tested:EDJ:
tester:N:p testers:S: testicle:N:x testified:DE: testifies:P: testify:V: testifying:G: testily:R: testimonial:JN:w testimonials:S: testimony:N:w
testing:NG:a testings:S: testosterone:N:x tests:SP: testy:J: tetanus:N:s tete-a-tete:N:w tethered:EDJ: tethers:S: tetrachloride:N:x tetragonal:J:
tetrahalides:S: tetrasodium:N: teutonic:J: texan:N:p texas:N:l text-form:N: text-lookup:N: text-ordered:J: text:N:w textbook:N:w textbooks:S:
textile-exporting:J: textile-importing:N: textile-producing:J: textile-related:J: textile-trade:J: textile:NJ:x textiles:S: texts:S: textual:J:
texture:N:u textured:J: textures:S: th:TN:t thailand:N:l thallium:N:x thamnophis:N:n than:IR: thank:V: thanked:DE: thankful:J: thankfully:R:
thankfulness:N:s thanking:G: thankless:J: thanks:SPVU:w thanksgiving:N:t thar:R: that:ITNRUOV: thatch:N:x thatched-roof:J: thatches:S: thatt:I:
thaw:NV:s thawed:E: thawing:G: thaws:S: the:TDVIJN: theaf:N: theare:N: thease:N: theater-exhibition:N: theater-going:N: theater:N:x theatergoer:N:p
theatergoers:S: theatergoing:J: theaters:SD: theatre:N:x theatregoer:N:p theatres:S: theatrical:JN:w theatricality:N:u theatrically:R: theatricals:S:
thee:O: thees:T: thefin:G: theft:N:a thefts:S: thei:O: their:O: theircompany:N: theirs:OJ: theistic:J: them:OT: thematic:J: theme-park:N: theme:N:w
themed:E: themes:S: themselves:O: then-biggest:J: then-chairman:N: then-client:N: then-current:J: then-dress:J: then-husband:N: then-market:J:
then-minister:N: then-moribund:J: then-owner:J: then-pending:J: then-president:J: then-prevailing:J: then-rampant:J: then-senior:J: then:RIJ: thence:R:
thenceforth:C: theocracy:N:g theologian-philosophers:N: theologian:N:p theologians:S: theological:J: theology:N:k theophylline:N:x theopylline:N:
theorem:N:w theoretical:J: theoretically:R: theoreticians:S: theories:S: theorist:N:p theorists:S: theoriticians:S: theorize:V: theorized:D:
theorizing:N: theory-and:N: theory-teaching:G: theory:N:k ther:ROJ: therapeutic:JN:x therapies:S: therapist:N:p therapists:S: therapy:N:a there:ORU:
thereabouts:R: thereafter:R: thereby:R: therefor:R: therefore:RC: therefores:S: therefrom:R: therein:R: thereof:R: thereon:R: thereto:R: theretofore:R:
thereunder:R: thereupon:R: therewith:R: thermal:J: thermally:R: thermistor:N:x thermocouple:N:x thermocouples:S: thermodynamic:J: thermodynamically:R:
thermodynamics:S:k thermoelectric:J: thermoformed:E: thermoforming:J: thermometer:N:x thermometers:S: thermometric:J: thermometry:N:a thermonuclear:J:
thermopile:N:x thermoplastic:J: thermos:N:x thermostat:N:x thermostated:E: thermostatics:S:k thermostats:S: thesaurus:N:w these:T: theses:S: thesis:N:w
thespian:J: thespians:S: thet:TNV: they:O: thiamin:N:x thick-skulled:J: thick-walled:J: thick:JNR:l thicken:V: thickened:ED: thickeners:S:
thickening:G: thickens:P: thicker:JR: thickest:J: thicket:N:g thickets:S: thickly:R: thickness:N:u thicknesses:S: thief:N:p thieves:S: thievin:G:
thieving:GJN:a thigh-bone:N: thigh:N:x thighbone:N:x thighs:S: thiihng:N: thill:N:x thills:S: thimble-sized:J: thimble:N:q thin-lipped:J:
thin-margin:J: thin-slab:J: thin-soled:J: thin-tired:J: thin-walled:J: thin:JRV: thine:J: thing:N:s things:S:m think-alike:J: think-tank:N:
think-tanks:J: think:VN:k thinke:PV: thinker:N:p thinkers:S: thinkin:GN: thinking:GJN:k thinks:P: thinly:R: thinned:ED: thinner:JN:x thinners:S:
thinness:N:u thinnest:J: thinning:G: thiocyanate:N:x thiouracil:N:x third-biggest:J: third-class:J: third-consecutive:J: third-dimensional:J:
third-dimensionality:N:u third-floor:J: third-generation:J: third-grade:N: third-highest:J: third-inning:N: third-largest:J: third-leading:J:
third-party:J: third-period:J: third-place:J: third-quarter:JN: third-ranked:J: third-ranking:J: third-rate:J: third-round:J: third-selling:J:
third-shift:J: third-story:J: third-straight:J: third-tier:J: third-worst:J: third-year:J: third:N:q thirdquarter:JN: thirds:S: thirst:N:s thirsted:E:
thirsty:J: thirteen-year-old:J: thirteen:N:q thirteenth-century:J: thirteenth:JN:z thirties:S:t thirtieth:J: thirty-caliber:J: thirty-eighth:J:
thirty-foot:J: thirty-fourth:J: thirty-mile:J: thirty-sixth:J: thirty-year:J: thirty:N:q thirtysomething:NJ: this:TR: thistles:S: thither:R: tho:N:w
tholins:S: thomp:N: thong:N:x thoreau:N:p thoriated:E: thorn:N:k thorns:S: thorny:J: thorough:J: thoroughbred:JN:p thoroughbreds:S: thoroughfare:N:x
thoroughfares:S: thoroughgoing:J: thoroughly:R: thoroughness:N:u those:T: thou:O: though:IRD: thought-image:N:k thought-out:J: thought:DNE:k
thoughtful:J: thoughtfully:R: thoughtfulness:N:k thoughtless:J: thoughtlessly:R: thoughtprovoking:J: thoughts:S: thousand-fold:J: thousand-legged:J:
thousand-person:J: thousand:N:q thousandth:J: thousandths:S: thout:D: thrall:N:s thrash:V: thrashed:DE: thrashing:NG:a thread:N:x threadbare:J:
threaded:E: threading:G: threads:S:x threat:N:s threaten:V: threatened:EDJ: threatening:GJ: threateningly:R: threatens:P: threats:SP:
three-and-a-half:J: three-axis:J: three-bedroom:J: three-body:J: three-boiler:J: three-building:J: three-button:J: three-cornered:J: three-day-old:J:
three-day:J: three-dice:J: three-digit:J: three-dimensional:J: three-dimensionality:N:u three-dimentional:J: three-door:J: three-family:J:
three-fifths:J: three-fold:J: three-foot-wide:J: three-foot:J: three-fourths:JS:q three-front:J: three-game:J: three-hour-long:J: three-hour-show:N:
three-hour:J: three-hundred-foot:J: three-inch-long:J: three-inch-wide:J: three-inch:J: three-inning:J: three-judge:J: three-lawyer:J: three-man:J:
three-masted:J: three-member:J: three-men-and-a-helper:J: three-meter-high:J: three-mile:J: three-minute:J: three-month-old:J: three-month:J:
three-night:J: three-page:J: three-panel:J: three-part:J: three-party:J: three-piece:J: three-point:J: three-power:J: three-quarter:J:
three-quarters:SN:q three-room:J: three-round:J: three-row:J: three-run:J: three-second:J: three-sectioned:J: three-sentence:J: three-sevenths:S:
three-snake:J: three-spoked:J: three-stage:J: three-step:JN: three-story:J: three-times:J: three-to-five-page:J: three-to-five-year-olds:S:
three-to-five-year:J: three-to-five:J: three-ton:J: three-way:J: three-week-old:J: three-week:J: three-wood:J: three-year-old:JN: three-year:J:
three:N:q threefold:JR: threehour:J: threemonth:J: threes-fulfilled:N: threes:S: threesome:N:q threetranche:J: threshed:D: threshhold:N: threshing:N:a
threshold:N:t thresholds:S: threw:D: thrice-monthly:J: thrice:R: thrift-accounting:N: thrift-bailout:JN: thrift-fraud:JN: thrift-holding:J:
thrift-industry:NJ: thrift-institution:N: thrift-insurance:N: thrift-like:J: thrift-overhaul:N: thrift-related:J: thrift-rescue:JN:
thrift-resolution:N: thrift:N:b thriftiness:N:u thrifts:S: thrifty:J: thrill:NV:s thrilled:EJD: thriller:N:w thrillers:S: thrilling:J: thrills:SP:
thrips:N:n thrive:V: thrived:DE: thrives:P: thriving:GJ: throat:N:x throats:S: throaty:J: throbbed:D: throbbing:GN:a throe:N:s throes:S:s thrombi:S:
thrombosed:E: thrombosis:N:s thrombus:N:s throne:N:x thrones:S: throng:NV:g throngs:S: throttle:N:x throttled:E: throttling:G: through:IJR:
throughout:IR: throughput:N:x throw-away:J: throw-rug:N: throw:VN:a throwaway:J: throwback:N:p throwed:D: thrower:N:p throwers:S: throwin:GN:
throwing:GN: thrown:E: throws:P: thru:NI: thrumming:G: thrust-to-weight:J: thrust:NDEV:s thrusting:GN:a thrusts:SP: thruway:N:x thruways:R: thud:NV:a
thudding:G: thuds:S: thug:N:p thuggee:N:a thugs:S: thum:O: thumb-sucking:N: thumb:NV:x thumbed:DE: thumbing:G: thumbnail:N:x thumbs-down:N: thumbs:SP:
thump-thump:N: thump:NV:a thumped:D: thumping:GN:a thunder-purple:J: thunder:NV:a thunderclaps:S: thundered:D: thundering:GJ: thunderous:J: thunders:P:
thunderstorm:N:s thunderstorms:S: thunderstruck:J: thunk:N:a thursday:N:t thus:R: thwack:N:a thwart:VNR:x thwarted:ED: thwarting:G: thwump:N: thy:JO:
thynke:V: thyratron:N: thyroglobulin:N:x thyroid-stimulating:JN: thyroid:N:x thyroidal:J: thyroids:S: thyronine:N:x thyrotoxic:J: thyrotrophic:J:
thyrotrophin:N:x thyroxine-binding:J: thyroxine:N:x tibet:N:l tibetan:N:w tibialis:S:x tick:VN:a ticked:DEJ: ticker:N:x tickertape:N:
ticket-transfer:N: ticket-writing:N: ticket:N:w ticketed:E: ticketing:G: tickets:S: ticking:G: ticklebrush:N: tickled:DE: ticklish:J: ticks:SP:
tidal:J: tidbit:N:f tidbits:S: tide:NV:a tidelands:S: tides:S: tidewater:N:x tidied:D: tidily:R: tidiness:N:s tidings:S:w tidy:J: tidying:G:
tie-breaker:N: tie-breaking:J: tie-in:NJ:x tie-ins:SN: tie-up:N:s tie-ups:S: tie:NV:x tied:EJD: tier:N:s tiered:J: tiering:N: tiers:S: ties:SP:
tiff:N:w tiffs:S: tiger-paw:N: tiger:N:p tigers:S:g tight-fisted:J: tight-fistedness:N: tight-lipped:J: tight-turn:J: tight:JR: tighten:V:
tightened:DE: tightener:N: tightening:GJN:a tightens:P: tighter:JR: tightest-fitting:J: tightest:JR: tightfisted:J: tightly:R: tightness:N:s
tightrope:N:x tigress:N:n tile-roofed:J: tile:N:x tiled:JE: tiles:S: till:IV: tilled:J: tiller:N:b tilling:G: tilt-rotor:J: tilt-top:J: tilt:NJV:a
tilted:DEJ: tilth:N:s tilting:G: tilts:P: timber-dependent:J: timber-state:J: timber:NV:x timbered:J: timberland:N:x timberlands:S: timbers:S:
timbre:N:u time-cast:J: time-consuming:J: time-delay:J: time-honored:J: time-hotels:S: time-limited:J: time-line:N: time-on-the-job:J: time-poor:J:
time-proven:J: time-sensitive:J: time-servers:S: time-share:J: time-shares:S: time-span:N: time-strapped:J: time-table:N: time-temperature:JN:
time-tested:J: time-zone:J: time:NV:a timed:EDJ: timeless:J: timelier:J: timeliness:N:u timely:JR: timeouts:S: timepiece:N:x timer:N:x timers:S:
times:SPCR:t timetable:N:w timetables:S: timeworn:J: timid:J: timidity:N:s timidly:R: timing:NG:u timorous:J: timpani:S:x tin-roofed:J: tin:N:x
tincture:N:x tinder:N:x tine:N:x tines:S: tinged:E: tinges:S: tingling:GN:k tinier:N: tiniest:J: tinker:V: tinkered:E: tinkering:NG: tinkers:SP:
tinkle:N:a tinkled:D: tinkling:G: tinning:G: tinny:JN: tinplated:E: tins:S: tinsel:N:x tint:VN:u tintable:J: tinted:EJ: tinting-film:N: tinting:N:a
tints:S: tintype:N: tiny:J: tip-off:N:k tip-toe:N: tip:NV:l tipoff:N: tipped:DE: tippee:N: tipper:N:p tipping:GN: tipple:V: tippling:J: tips:SP:
tipsters:S: tipsy:J: tiptoe:V: tiptoed:DE: tiptoeing:G: tirade:N:w tirades:S: tire-industry:N: tire-kickers:S: tire-maker:N: tire-makers:S:
tire-making:JN: tire-patching:J: tire:NV:x tired:EJD: tiredly:R: tiredness:N:s tireless:J: tirelessly:R: tiremaker:N: tires:SP: tiresome:J: tiring:G:
tissue-transplant:J: tissue:N:x tissues:S: tit:N:x titanate:N: titanic:J: titanium:N:x titans:S: titer:N:u titers:S: tithes:S: titian-haired:J:
titillating:G: title-holder:N:p title-insurance:JN: title:N:w titled:EJD: titles:S: titration:N:a tits:S: titter:NV:w titters:S: titular:J:
to-and-fro:R: to-day:NJR: to-do:N:s to-morrow:R: to-the-death:N: to:IR: toad:N:n toadies:S: toady:N:p toadying:J: toadyism:N: toast:NV:f toasted-nut:N:
toasted:DE: toaster:N:p toasting:G: tobacco-ad:J: tobacco-growing:J: tobacco-industry:N: tobacco-juice:N: tobacco-product:J: tobacco:N:x toccata:N:w
toconsolidated:E: today:NJR:t toddler:N:p toddlers:S: toddy:N:f tode:E: toe-tips:S: toe:NV:x toehold:N:s toeholds:S: toenails:S: toes:S: toffee:N:f
tofu:N:f toga:N:x together:RI: togetherness:N:s togs:S:x toil:VN:a toiled:DE: toilet:N:x toiletries:S: toilets:S: toiling:GN: toilsome:J: token:JN:w
tokenish:J: tokens:S: tokyo:N:l told:DE: tole:ND:x tolerable:J: tolerance:N:u tolerant:J: tolerate:V: tolerated:ED: tolerates:P: tolerating:GJ:
toleration:N:u toll-free:J: toll-rate:J: toll-road:N: toll-tele-phone:J: toll:NV:m tolled:E: tollgate:N:x tollhouse:N:x tolls:S: tollways:R:
tolylene:N: tomato-red:N: tomato:N:f tomatoes:S: tomb:N:x tomblike:J: tombs:S: tombstone:N:x tombstones:S: tomes:S: tomography:N:a tomorrow:NJR:t
ton-mile:J: ton-per-year:J: ton:N:q tonal:J: tonalities:S: tonally:R: tone-generating:J: tone:NV:w toned-down:J: toned:E: toneless:J: toner:N:x
tones:S: tongs:S:x tongue-in-cheek:JR: tongue-lashing:N:w tongue-thrusting:N: tongue-tied:J: tongue-twister:N: tongue:N:x tongued:DJ: tongues:S:
tonic:N:f tonics:S: toniest:J: tonight:RN:t tonnage:N:m tonnages:S: tons:S:q tonsil:N:x tonsils:S: tony:J: too-expensive:J: too-hearty:J: too-large:J:
too-naked:J: too-rapid:J: too-shiny:J: too-simple-to-be-true:J: too:R: took:D: tooke:D: tool-and-die:J: tool-kit:N: tool:N:x tooling:GN: toolmaker:N:p
tools:SP: tooted:D: tooth-paste:N: tooth-straightening:N: tooth:NR:x toothbrush:N:x toothbrushes:S: toothless:J: toothpaste:N:x toothpastes:S:
tootles:P: tootley-toot-tootled:E: top-drawer:NJ: top-flight:J: top-four:J: top-grade:J: top-heavy:J: top-level:J: top-loaders:S: top-management:JN:
top-notch:J: top-of-the-line:J: top-performing:J: top-priority:J: top-quality:J: top-ranked:J: top-ranking:J: top-rated:J: top-secret:J: top-selling:J:
top-tang:JN: top-tier:J: top-to-bottom:J: top-yielding:J: top:JNVR:l topaz:N:x topcoat:N:x topcoats:S: topgallant:N:x topgrade:J: topiary:J: topic:N:w
topical:J: topicality:N:u topics:S: topless:J: topmost:J: topnotch:J: topof-the-line:J: topographic:J: topography:N:u topped:DE: topper:N:p
topping:GN:f toppings:S: topple:V: toppled:ED: toppling:G: tops:SP: topsoil:N:x topsy-turvy:JR: torch-lit:J: torch:N:x torchbearer:N:p torched:DE:
torches:S: tore:DE: torment:NV:s tormented:EJ: tormenters:S: tormenting:G: tormentor:N:p tormentors:S: torments:PS: torn:EJ: tornado:N:s tornadoes:S:
toronto:N:l torpedo:VN:p torpedoed:ED: torpedoes:S: torpedoing:G: torpid:J: torpor:N:s torque:N:s torquer:N: torquers:S: torrent:N:s torrents:S:
torrid:J: torsion:N:u torso-defining:J: torso:N:x torsos:S: tort:N:a tortillas:S: tortoise:N:n tortoises:S: torts:S: tortuous:J: torture:NV:s
tortured:EJD: tortures:SP: tory:N:p tos:S: toss:VN:a tossed:DEJ: tossers:S: tosses:S: tossing:GN: tot:N:q total-ban:N: total-cost:J: total:JNV:x
totaled:DEV: totaling:G: totalistic:J: totalitarian:J: totalitarianism:N:g totality:N:s totalled:DE: totalling:G: totally:R: totals:PS: tote:V:
toted:E: totem:N:g totemic:J: toter:N:p toting:G: totted:E: totter:V: tottering:JG: touch-screen:J: touch-starved:J: touch-tone:J: touch:NRV:a
touchdown:N:a touchdowns:S: touched:DE: touches:SP: touching:GJN:a touchstone:N:w touchstones:S: touchy:J: tough-looking:J: tough-minded:J:
tough-talking:N: tough:JRV: toughen:V: toughened:DE: toughening:G: toughens:P: tougher:JR: toughest-ever:J: toughest:J: toughing:G: toughness:N:u
toughs:S: tour:NV:a toured:D: touring:GJN: tourism:N:a tourist-advertising:N: tourist-delivery:J: tourist:N:p tourists:S: tournament:N:a tournaments:S:
tourney:N:a tours:SP:l toursists:S: tousled:EJ: tout:VN:p touted:ED: touting:G: touts:P: tow:NR:a toward:I: towardes:I: towards:I: towboat:N:x
towboats:S: towed:DE: towel:N:x toweling:N:x towels:S: tower:NV:x towering:JG: towers:SP: town-house:JN: town-watching:J: town:N:l towne:N:
townhouse:N: townhouses:S: towns:S: township:N:l townships:S: townsman:N:p townsmen:S: townspeople:N:g tows:S: toxic-waste-dump:J: toxic-waste:N:
toxic:JN: toxicant:N:x toxicity:N:q toxicologist:N:p toxicologists:S: toxicology:N:k toxics:S: toxin:N:x toxins:S: toy-making:J: toy-market:N:
toy-store:N: toy:NJ:x toying:G: toymakers:S: toys:SP: trace:NJV:q traceable:J: traced:ED: tracers:S: tracery:N:x traces:SP: trachea:N:x tracing:GJN:a
tracings:S: track-signal:J: track:NV:x trackage:N: tracked:EDJ: tracking:GN:a trackless:J: tracks:PS: tract:N:l tractarian:N:p tractor-semitrailer:N:
tractor-trailer:N: tractor:N:x tractors:S: tracts:S: trade-ad:N: trade-allocating:N: trade-clearing:J: trade-deficit:N: trade-distorting:J:
trade-ethnic:J: trade-group:N: trade-in:N:m trade-liberalizing:J: trade-magazine:J: trade-mark:N: trade-off:N:a trade-offs:SN: trade-preparatory:N:
trade-processing:N: trade-school:N: trade-union:NJ: trade-up:J: trade:NV:a tradeable:J: traded:EDJ: tradedistorting:J: trademark:N:u trademarks:S:
tradeoff:N:a tradeoffs:S: trader:N:p traders:S: trades:SP: tradesman:N:p tradesmen:S: trading-a:N: trading-account:J: trading-company:N:
trading-fraud:N: trading-house:J: trading-oriented:J: trading-related:J: trading-room:N: trading:NJG:a tradition-bound:J: tradition-minded:J:
tradition:N:k traditional:J: traditionalism:N:u traditionalist:NJ:p traditionalistic:J: traditionalists:S: traditionalized:E: traditionally:R:
traditions:S: traduce:V: traduced:E: traffic-control:N: traffic-safety:N: traffic-systems:S: traffic:N:g trafficked:D: trafficker:N:p traffickers:S:
trafficking:NG: tragedian:N:p tragedians:S: tragedies:S: tragedy:N:a tragi-comic:J: tragic:JN: tragically:R: tragicomic:JN: trail-blazing:J:
trail-setters:S: trail-worn:J: trail:NV:x trailblazing:G: trailed:DE: trailer:N:p trailers:S: trailing:G: trails:SP: train:NV:x trained:EDJ:
traineeship:N:m traineeships:S: trainer:N:p trainers:S: training-wage:J: training:NGJ:a trainman:N:p trains:SP: traipse:V: traipsing:G: trait:N:u
traitor:N:p traitorous:J: traitors:S: traits:S: trajectory:N:s trammel:V: tramp:JN:p tramped:D: tramping:G: trample:V: trampled:EDJ: tramples:P:
trampling:GN:a tramps:P: tramway:N:x trance:N:s trances:S: tranche:N:m tranquil:J: tranquility:N:u tranquilizer:N:x tranquilizers:S: tranquilizing:J:
tranquillity:N:s trans-illuminated:J: trans-illumination:N: trans-lingually:R: trans-political:J: transact:V: transacted:E: transacting:G:
transaction-entry:N: transaction:N:a transactions:S:w transactionstructuring:N: transaminase:N:x transatlantic:JN: transbay:J: transborder:J:
transcend:V: transcendant:J: transcended:D: transcendence:N:s transcendent:J: transcendental:J: transcending:G: transcends:P: transcontinental:J:
transcribe:V: transcribed:EJ: transcultural:J: transducer:N:x transducers:S: transduction:N:s transfer-pricing:J: transfer-tax:N: transfer:NV:a
transferable:J: transfered:E: transferee:N:p transference:N:k transfering:G: transferor:N:p transferors:S: transferrable:J: transferral:J:
transferred:EDJ: transferring:G: transfers:SP: transfixing:G: transform:V: transformation:N:a transformed:EJD: transformer:N:x transformers:S:
transforming:G: transforms:P: transfused:E: transfusion:N:a transfusions:S: transgenic:J: transgressed:D: transgression:N:a transience:N:u transient:J:
transients:S: transistor-radio-sized:J: transistor:N:x transistors:S: transit-association:N: transit:NJ:x transition:N:a transitional:J: transitions:S:
transitory:J: translate:V: translated:ED: translates:P: translating:GN: translation:N:w translations:S: translator:N:p translators:S: translucence:N:u
translucency:N:u translucent:J: transluscent:J: transmissible:J: transmission-product:N: transmission:N:a transmissions:S: transmit:V: transmits:P:
transmittable:J: transmitted:EJD: transmitter:N:p transmitters:S: transmitting:GN:a transmogrified:DE: transmutation:N:a transmuted:E: transnational:J:
transoceanic:J: transom:N:x transoms:S: transparencies:S: transparency:N:s transparent:JN: transparently:R: transpirating:G: transpiration:N:s
transpired:ED: transpiring:G: transplant:NV:x transplantable:J: transplantation:N:a transplanted:EJ: transplanting:G: transplants:S: transponder:N:x
transport:NV:x transportable:J: transportation-cost:J: transportation-equipment:N: transportation-services:J: transportation:N:x transported:ED:
transporter:N:x transporters:S: transporting:GN: transports:SP: transposed:E: transposition:N:s transshipment:N:a transversally:R: transverse:JN:
transversely:R: transversus:N: transvestites:S: transvestitism:N:a trap:NV:x trapdoor:N: trapdoors:S: trapeze:N:x trapezoid:N:u trapped:EDJ:
trapper:N:p trapping:GN:x trappings:S:x traps:SP: trash-bag:N: trash:NV:x trashed:E: trashing:NG: trauma:N:s traumas:S: traumatic:J: traumatized:DE:
travail:N:s travails:S: travel-agency:N: travel-leisure:J: travel-management:N: travel-related:J: travel-service:N: travel-services:S: travel:NV:a
traveled:DJE: traveler:N:p travelers:S: travelin:G: traveling:GN:a travelled:JDE: traveller:N:p travellers:S: travelling:G: travelogue-like:J:
travelogue:N:w travelogues:S: travelrestrictions:S: travels:PS: traverse:V: traversed:ED: traversing:G: travesty:NV:w trawl:N:x trawler:N:p tray:N:x
trays:S: trazadone:N: treacheries:S: treacherous:J: treachery:N:u tread:VN:a treading:G: treadmill:N:x treadmills:S: treads:P: treament:N: treason:N:a
treasonous:J: treasure-trove:N: treasure:NV:m treasured:EJ: treasurer:N:p treasurers:S: treasures:S: treasuries:S: treasury-management:N: treasury:N:m
treat:VN:f treatable:J: treated:ED: treaties:S: treating:G: treatise:N:w treatises:S: treatment:N:a treatments:S: treats:PS: treaty-making:N:
treaty-negotiating:J: treaty:N:w treble:JNV:u trebled:ED: tree-clumps:S: tree-farming:J: tree-huggers:S: tree-lined:J: tree-planting:N: tree-shaded:J:
tree:N:b treehouse:N: treeless:J: treelike:J: trees:S: treetop:N:b treetops:S: trek:NV:a trekked:D: treks:P: trellises:S: tremble:VN:a trembled:D:
trembles:P: trembling:GJ: tremblor:N: tremendous:J: tremendously:R: tremolo:N:s tremor:N:a tremors:S: tremulous:J: tremulously:R: trench:N:x
trenchant:J: trenchermen:S: trenches:S: trend-followers:S: trend-following:JN: trend-setter:N:p trend-setters:S: trend-setting:J: trend-spotter:N:
trend:NV:l trended:E: trendier:J: trendiest:J: trending:G: trends:S: trendsetter:N: trendy:J: trepidation:N:s trespass:NV:a trespassed:ED:
trespasses:S: trespassing:NG: tresses:S: trestle:N:x trestles:S: tri-colored:J: tri-iodothyronine:N:x tri-jet:N: tri-motor:N: tri-state:J: triable:J:
triad:NJ:q triage:N:a trial-book:J: trial:NV:a trials:S: triamcinolone:N:x triangle:N:u triangles:S: triangular:J: tribal:J: tribe:N:g tribes:S:
tribesmen:S: tribulation:N:a tribunal:N:g tribunals:S: tribute:N:w tributes:S: trichloroacetic:J: trichloroethylene:N:x trick:NV:a tricked:E:
trickery:N:w trickier:J: trickiest:J: trickle:NV:a trickled:E: trickling:G: tricks:SP: trickster:N:p tricky:J: tricolor:J: tried:DJE: triennial:N:t
tries:PS: trifle:NJRV:f trifled:E: trifling:J: trigger-happy:J: trigger:VN:x triggered:EDJ: triggering:G: triggers:SP: triglycerides:S: trigonal:J:
trijets:S: trilateral:J: trill:N:w trilled:D: trillion-dollar:J: trillion-plus:N: trillions:S: trills:S: trilogy:N:g trim:VJN:s trimester:N:t
trimesters:S: trimmed:ERDJ: trimmer:J: trimming:GN:a trimmings:S:x trims:PS: trinket:N:x trinkets:S: trio:N:q triol:N: trip-hammer:N: trip:NV:a
tripartite:J: tripe:N:f triphammer:N:x triphenylarsine:N: triphenylphosphine:N: triphenylstibine:N: triphosphopyridine:J: triphosphorous:J: triple-a:J:
triple-checked:D: triple-crown:J: triple-digit:J: triple-sealed:J: triple-tank:J: triple-witching:J: triple:JNRV:a tripled:ED: triples:SP: triplet:N:q
triplets:S: triplication:N: tripling:G: tripod:N:x tripods:S: tripolyphosphate:N: tripped:DE: trippin:N: tripping:G: trips:S: triptych:N:x tris:S:
triservice:N: triskaidekaphobia:N:s trisodium:N: tristate:J: trite:J: tritium:N:x triumph:NV:a triumphant:J: triumphantly:R: triumphed:DE: triumphs:SP:
triumvirate:N:g trivia:SN:x trivial:JN: triviality:N:u trivialize:V: trivializing:G: trobles:S: trod:E: trodden:J: trodding:G: troika:N:x troll:N:p
trolley:N:x trollop:N:p trolls:S: trombone:N:x trombones:S: trombonist:N:p troop:NV:g trooper:N:p troopers:S: trooping:G: troops:S:g troopship:N:x
troopships:S: trophies:S: tropho:J: trophy:N:w tropical-fruit:N: tropical:JN: tropics:S:l tropidoclonion:N:n tropocollagen:N: trot:NV:a trotted:DE:
trotter:N:n troubie:N: trouble-free:J: trouble-shooter:N: trouble-shooting:N: trouble:NDVJ:k troubled:JDE: troublemakers:S: troubles:SP:
troubleshooter:N:p troublesome:J: troubling:JG: trough:N:x troughed:D: troughs:S: trounced:D: trouncing:N:a troup:N: troupe:N:g troupes:S: trouser:N:x
trousers-pockets:S: trousers:S:x trout:NS:f trove:N:m trowel:N:x truant:J: truce:N:s truck-bed:N: truck-building:JN: truck-fleet:J: truck-maker:N:
truck-manufacturing:J: truck-parts:S: truck-refrigeration:N: truck-rental:J: truck-sales:S: truck:NV:x truckdriver:N: trucked:E: trucker:N:p
truckers:S: trucking:NG:a truckloads:S: trucks:SP: truculence:N:u truculent:J: trudge:N:a trudged:DE: trudging:G: true-false:J: true:J: truer:J:
truest:J: truism:N:w truley:R: truly:R: trump:NV:x trumped-up:J: trumpet:NV:x trumpeted:DE: trumpeter:N:p trumpeting:G: trumpets:SP:b trumps:S:
truncated:EJ: truncheons:S: trundle:NV:x trundled:DE: trundles:P: trundling:G: trunk:N:b trunks:S:x trussed-up:J: trusses:S: trust:NV:m trusted:EDJ:
trustee:N:p trustees:S: trusteeship:N:l trusteth:VN: trustfully:R: trusting:JG: trustingly:R: trusts:SP: trustworthy:J: truth-in-lending:N:
truth-packed:N: truth-revealing:J: truth:N:k truthful:J: truthfully:R: truthfulness:N:u truths:S: try:VN:a tryin:NG: trying:GJN: tryouts:S: tryst:N:g
tsh:N:x tsk:U: tsunami-warning:J: tsunami:NS:a tt:N:t tub:N:x tuba:N:x tube-nosed:J: tube:N:x tubercular:J: tuberculosis:N:s tubers:S: tubes:S:
tubing:N:x tubs:S: tubular:J: tubule:N:x tubules:S: tuck:V: tucked:ED: tucking:G: tudor:N:g tuesday:N:t tuft:N:g tufts:S: tug-of-war:N:a tug:NV:a
tugboat:N:x tugged:DE: tugging:G: tuition:N:m tuitions:S: tularemia:N:s tulip-shaped:J: tulip:N:b tulips:S: tulle:N:x tumble:NV:a tumbled:DEJ:
tumbledown:J: tumbler:N:p tumbles:PS: tumbleweed:N:b tumbling:GN:a tumbrels:S: tumefaciens:N: tummy:N:x tumor-necrosis:J: tumor-suppressing:J:
tumor-suppressor:J: tumor-suppressors:S: tumor:N:s tumors:S: tumour:N:s tumours:S: tumult:N:s tumultuous:J: tuna:N:b tundra:N:x tune-belly:N:
tune-in:J: tune:NV:w tuned:EJD: tuneful:J: tunefulness:N:u tunelessly:R: tunes:SP: tung:N:b tungsten:N:x tunic:N:x tuning:GN:a tunisia:N:l tunnel:NV:x
tunneled:D: tunnels:S: turban:N:x turbans:S: turbinate:N:x turbinates:S: turbine-engine:J: turbine-generators:S: turbine:NJ:x turbines:S:
turbo-charged:J: turbo:N: turbofan:N:x turbogenerator:N:x turboprop:N:x turboprops:S: turbulence:N:s turbulent:J: turf-care:JN: turf-hungry:J:
turf:NJ:x turgid:J: turkey:NJ:n turkeys:S: turmoil:N:s turmoils:S: turn-of-the-century:J: turn-ons:S: turn-out:J: turn:VNR:u turnabout:N:k
turnaround:N:t turnarounds:S: turne:V: turned-up:J: turned:DE: turnery:N:x turning:GJN:a turnings:S: turnips:S: turnkey:N:p turnoff:N:k turnout:N:g
turnouts:S: turnover:N:z turnpike:N:x turnpikes:S: turns:PS: turntable:N:x turpentine:N:x turquoise:JN:x turret:NJ:x turrets:S: turtle-neck:J:
turtle:N:x turtlebacks:S: turtleneck:N:x turtles:S: tusk:N:x tusks:S: tussle:N:a tussled:D: tutelage:N:a tutor:NV:p tutored:E: tutorial:N:w
tutorials:S: tutoring:GN: tutors:S: tuxedo-rental:J: tuxedo:N:x tuxedoed:J: tuxedos:S: tv:N:w tva:N: twaddle:N:w twang:N:a twangy:J: tweaked:D:
tweaking:GN: tweed:N:x tweeds:S: tweedy:J: tweety-bird:J: tweezed:E: tweezers:S: twelfth:J: twelve-hour:J: twelve-year-old:J: twelve-year:J: twelve:N:q
twelvefold:J: twenties:S:t twentieth-century:JN: twentieth:J: twenty-dollar:J: twenty-eight:N:q twenty-eighth:J: twenty-fifth:J:
twenty-first-century:J: twenty-first:J: twenty-five-dollar:J: twenty-five-year-old:J: twenty-mile:J: twenty-nine-foot-wide:J: twenty-one:N:q
twenty-page:J: twenty-three:N:q twenty-two:N:q twenty-year:J: twenty:N:q twice-a-day:J: twice-a-year:J: twice-around:J: twice-daily:J:
twice-extended:J: twice-monthly:J: twice-yearly:J: twice:RJ: twiddled:D: twiddling:G: twig:N:b twigged:D: twiggy-looking:J: twigs:S: twilight:N:t
twin-blade:J: twin-deficit:N: twin-engine:J: twin-engined:J: twin-jet:N: twin-jets:NS: twin-line:J: twin-rotor:J: twin:JN:p twindam:N: twine:N:x
twined:DE: twinge:N:s twinges:S: twinjets:S: twinkle:N:a twinkling:GN:t twinned:E: twins:S:x twirled:J: twirler:N:p twirling:GN: twirlingly:R:
twirls:P: twirly:J: twise:R: twist:NV:a twisted:EJD: twister-coners:S: twister:N:s twisting:GN:a twists:SP: twisty:J: twitch:NV:s twitched:D:
twitching:G: twittered:D: twittering:G: two-and-a-half-mile:J: two-and-a-half:J: two-baser:N:a two-bedroom:J: two-bit:J: two-bits:S: two-burner:J:
two-button:J: two-by-four:N:x two-by-fours:S: two-career:J: two-class:J: two-color:J: two-colored:J: two-component:J: two-day-old:J: two-day:J:
two-digit:J: two-dimensional:J: two-disc:J: two-door:JN: two-dozen:J: two-drug:J: two-edged:J: two-engine:J: two-evening:J: two-family:J: two-fisted:J:
two-floor:J: two-fold:J: two-foot:J: two-for-one:J: two-game:N: two-hit:J: two-hour:J: two-hundredths:S: two-inch-square:J: two-inch:J: two-inches:S:
two-income:JN: two-lane:J: two-letter:J: two-line:J: two-mark:J: two-mile:J: two-minute:J: two-month:J: two-nosed:J: two-note:J: two-page:J:
two-parent:J: two-part:J: two-party:J: two-percentage-point:J: two-product:J: two-pronged:J: two-record:J: two-room:J: two-round:J: two-run:J:
two-season:J: two-seat:J: two-seater:J: two-seaters:JS: two-sevenths:S: two-step:J: two-story:J: two-stroke:J: two-syllable:J: two-system:J:
two-tail:J: two-term:J: two-thirds:SJNR:q two-tier:J: two-tiered:J: two-time-losers:J: two-time:J: two-timed:E: two-timing:J: two-to-three:J:
two-tone:J: two-track:J: two-valued:J: two-way:J: two-week:J: two-weeks:J: two-wheel-drive:J: two-wheel:J: two-year-long:J: two-year-old:JN:
two-year:J: two:N:q twofold:JR: twopoint:N: twos:S: twosome:N:q twothirds:S: twotiered:J: twotiming:G: tycoon:N:p tycoons:S: tying:G: tyke:N:p tyme:N:
type:NV:k typecast:V: typecasting:G: typed:EJD: typefaces:S: types:S: typescript:N:w typesetters:S: typesetting:N: typewriter:N:x typewriters:S:
typewriting:N:w typewritten:JE: typhoid:N:s typhoon:N:s typhoons:S: typhus:N:s typical:J: typicality:N:s typically:R: typified:ED: typifies:P:
typify:V: typifying:G: typing:NG:w typist:N:p typists:S: typographic:J: typographical:J: typography:N:a typology:N:a tyrannical:J: tyrannize:V:
tyranny:N:g tyrant:N:p tyrants:S: tyrosine:N:x u:ON:x ubermensch:N:p ubiquitous:J: ubiquitousness:N:s ubiquity:N:s udders:S: uglier:J: ugliness:N:u
ugly:J: uh-huh:U: uh-uh:U: uh:U: uhhu:U: ukrainian:N:w ulcer:N:s ulcerated:J: ulceration:N:s ulcerations:S: ulcerative:J: ulcers:S: ultimate:J:
ultimately:R: ultimatum:N:w ultimatums:S: ultra-efficient:J: ultra-fast:J: ultra-high-speed:J: ultra-liberal:J: ultra-low-tar:J: ultra-modern:J:
ultra-pasteurized:J: ultra-right:J: ultra-safe:J: ultra-thin:J: ultra-violet:JN: ultra:J: ultracentrifugally:R: ultracentrifugation:N:s
ultracentrifuge:N:x ultramarine:N:x ultramodern:J: ultrasonic:J: ultrasonically:R: ultrasonics:S: ultrasound:N:s ultravehement:J: ultraviolet:JN:s
um:UO: umber:JN:x umbrage:N:s umbrella:N:x umbrellas:S: umpire:N:p umpteenth:J: un-advertisers:S: un-advertising:N: un-aided:J: un:N:g unabashed:J:
unabated:J: unabatingly:R: unable-to-locate:J: unable:J: unabridged:J: unabsorbed:J: unacceptable:J: unacceptably:R: unaccommodating:J:
unaccompanied:J: unaccountable:J: unaccountably:R: unaccounted:J: unaccustomed:J: unachievable:J: unachieved:E: unacknowledged:J: unacquainted:E:
unaddressed:J: unadited:JE: unadjusted:J: unadorned:J: unadulterated:J: unaffected:J: unaffiliated:J: unaffordable:J: unafraid:J: unaggressive:J:
unaided:J: unalienable:J: unallocable:J: unalloyed:J: unalluring:J: unalterable:J: unaltered:J: unambiguity:N:u unambiguous:J: unambiguously:R:
unamended:J: unamortized:J: unamused:E: unamusing:J: unanalyzed:J: unanimity:N:s unanimous:J: unanimously:R: unannounced:J: unanswerable:J:
unanswered:J: unanticipated:J: unapologetic:J: unappealing:GJ: unappeasable:J: unappeasably:R: unappreciated:J: unapproved:J: unarmed:J: unashamedly:R:
unasked:J: unassailable:J: unassisted:J: unassuming:J: unasterisked:J: unattached:JE: unattainable:JN: unattended:J: unattractive:J: unaudited:J:
unauthentic:J: unauthorized:J: unavailability:N:u unavailable:J: unavailing:J: unavoidable:J: unavoidably:R: unaware:JR: unawareness:N:k unawares:R:
unbalance:N:s unbalanced:JE: unbanning:GN: unbearable:J: unbearably:R: unbeknownst:J: unbelievable:J: unbelievably:R: unbelieving:J: unbent:J:
unbiased:J: unbidden:J: unbleached:J: unblemished:J: unblinking:J: unblinkingly:R: unblock:V: unblushing:J: unborn:JN: unbound:JE: unbounded:J:
unbreakable:J: unbridled:J: unbroken:J: unbundle:V: unbundled:E: unburdened:J: unburned:J: uncalled:J: uncannily:R: uncanny:J: uncap:V: uncaring:J:
uncataloged:E: uncaused:J: unceasing:J: unceasingly:R: uncensored:J: unceremoniously:R: uncertain:JR: uncertainly:R: uncertainties:S: uncertainty:N:u
uncertified:J: unchallenged:J: unchangeable:J: unchanged:J: unchangedat:J: unchanging:J: uncharacteristic:J: uncharacteristically:R: uncharged:J:
uncharted:J: unchecked:J: unchlorinated:E: unchristian:J: uncircumcision:N: uncivil:J: unclaimed:J: unclasping:G: unclassified:J: uncle:N:p unclean:J:
unclear:J: unclenched:E: uncles:S: unclothed:J: unclouded:J: uncluttered:J: unco-operative:J: uncoached:J: uncoated:J: uncoiling:G: uncollaborated:J:
uncollectable:J: uncolored:J: uncombable:J: uncombed:EJ: uncomfortable:J: uncomfortably:R: uncomforted:J: uncommitted:J: uncommon:JR: uncommonly:R:
uncommunicative:J: uncompensated:J: uncompetitive:J: uncomplaining:J: uncomplainingly:R: uncomplicated:J: uncompromising:J: unconcealed:E:
unconcern:N:u unconcerned:J: unconcernedly:R: unconditional:J: unconditionally:R: unconditioned:J: unconfessed:N:g unconfirmed:J: uncongenial:J:
unconnected:J: unconquerable:J: unconscionable:J: unconscious:JN:k unconsciously:R: unconsolidated:JDE: unconstitutional:J: unconstitutionally:R:
uncontested:J: uncontrollable:J: uncontrollably:R: uncontrolled:J: unconventional:J: unconvinced:J: unconvincing:J: uncooperative:J: uncorked:DE:
uncorrected:J: uncounted:J: uncountered:J: uncourageous:J: uncousinly:J: uncouth:J: uncover:V: uncovered:EDJ: uncovering:G: uncreative:J: uncritical:J:
uncritically:R: unction:N:w uncurled:D: uncut:J: und:N: undamaged:J: undated:J: undaunted:J: undecided:J: undecideds:S: undeclared:J: undecorated:J:
undedicated:E: undefeated:J: undefined:J: undelivered:J: undemocratic:J: undeniable:J: undeniably:R: undependable:J: undepicted:JE:
under-achievement:N: under-achievers:S: under-depreciated:N: under-developed:J: under-funded:J: under-inclusion:N: under-owned:J: under-performing:J:
under-reported:J: under-represented:J: under-researched:J: under-secretary:N: under-serviced:J: under-the-table:J: under-three-years:J: under:IJR:
underachievement:N:a underachiever:N:p underachievers:S: underage:J: underappreciated:J: underarm:N: underbedding:N: underbelly:N:l underbracing:N:
underbrush:N:g undercapitalization:N: undercapitalized:J: underclass:S:g underclassman:N:p underclothes:S:x undercover:J: undercurrent:N:k
undercut:VNDEJ:x undercuts:P: undercutting:G: underdeveloped:J: underdog:N:p underdressed:J: undereducated:J: underemployed:J: underemployment:N:
underenforces:P: underestimate:V: underestimated:ED: underestimates:P: underestimation:N:k underfoot:R: underfunded:EJ: undergarment:N:x undergirded:D:
undergirding:N: undergo:V: undergoes:P: undergoing:G: undergone:E: undergrads:S: undergraduate:JN:p undergraduates:S: underground-storage:N:
underground:JNR:g undergrowth:N:g underhanded:J: underhandedness:N: underinvestigated:J: underlay:V: underlie:V: underlies:P: underline:V:
underlined:DE: underlines:P: underling:N:p underlings:S: underlining:GN: underlying:GJ: undermine:V: undermined:EDJ: undermines:P: undermining:G:
underneath:IN: underpaid:JDE: underperform:VJ: underperformance:N: underperformed:E: underperformers:S: underperforming:GJ: underperforms:P:
underpin:V: underpinned:ED: underpinning:NG: underpinnings:S: underpins:P: underplayed:E: underprepared:J: underpriced:JE: underpricing:G:
underprivileged:J: underrate:V: underrated:E: underreacting:G: underreported:E: underrepresented:E: underscore:VN:w underscored:DE: underscores:P:
underscoring:G: undersea:J: undersecretary:N:p underselling:G: underserved:J: undershirt:N:x underside:N:l undersize:J: undersized:EJ: undersold:N:
understaffs:P: understand:V: understandable:J: understandably:R: understanded:E: understanding:NGJ:k understandingly:R: understandings:S:
understands:P: understate:V: understated:EDJ: understatement:N:w understates:P: understating:G: understood:ED: understructure:N:x understudied:D:
undersubscription:N: undertake:V: undertaken:E: undertaker:N:p undertakes:P: undertaking:NG:a undertakings:S: undertone:N:w undertones:S: undertook:D:
undertow:N:s underused:E: underutilization:N: underutilized:E: undervalued:EDJ: undervaluing:G: underwater:JNR: underway:RJ: underwear:N:x
underweighted:E: underwent:D: underwhelmed:E: underwiters:S: underworked:J: underworld:N:g underwrite:V: underwriter:N:p underwriters:S: underwrites:P:
underwriting:NG: underwritings:S: underwritten:EJN: underwrote:DNV: undeserved:J: undesirable:JN:p undesirably:R: undetectable:J: undetected:J:
undetermined:J: undeveloped:J: undid:D: undifferentiated:J: undigested:J: undiluted:J: undiminished:J: undimmed:E: undiplomatic:J: undisciplined:J:
undisclosed:J: undisguised:J: undisputed:J: undisrupted:J: undistinguished:J: undisturbed:J: undiversifiable:J: undiversified:JE: undivided:J: undo:V:
undoing:NG:a undone:EJ: undoubtedly:R: undrawn:N: undreamed:EJ: undreamt:E: undress:N:s undressed:D: undressing:GN: undrinkable:J: undue:J: undulate:V:
undulated:D: undulating:J: unduly:R: undying:J: unearned:J: unearth:V: unearthed:ED: unearthing:G: unearthly:J: unease:N:s uneasily:R: uneasiness:N:s
uneasy:J: uneconomic:J: uneconomical:J: unedifying:J: uneducated:J: unelected:J: unemotional:J: unemployed:J: unemployment:N:s unencumbered:J:
unending:J: unendurable:J: unenforceable:J: unenforcible:J: unenlightened:J: unenthusiastic:J: unenticing:J: unenunciated:J: unenviable:J: unenvied:J:
unequal:J: unequaled:J: unequalled:J: unequally:R: unequivocal:J: unequivocally:R: unerring:J: unerringly:R: unescorted:J: unethical:J: unethically:R:
uneven:J: unevenly:R: uneventful:J: uneventfully:R: unexamined:J: unexciting:J: unexecuted:E: unexercised:J: unexpected:J: unexpectedly:R:
unexpended:EJ: unexplainable:J: unexplained:J: unexplored:J: unfailing:J: unfailingly:R: unfair-trade:J: unfair:J: unfairly:R: unfairness:N:k
unfaithful:J: unfaltering:G: unfalteringly:R: unfamiliar:J: unfamiliarity:N:u unfashionable:J: unfastened:D: unfathomable:J: unfavorable:J:
unfavorably:R: unfazed:EJ: unfeasible:J: unfelt:J: unfenced:J: unfertile:J: unfertilized:EJ: unfetter:V: unfettered:JE: unfilled:J: unfinished:J:
unfired:E: unfit:JN: unfitting:J: unfixed:JD: unflagging:J: unflaggingly:R: unflaky:J: unflappable:J: unflattering:J: unflatteringly:R: unfleshed:E:
unflinching:J: unfocused:J: unfocussed:E: unfold:V: unfolded:DE: unfolding:GJ: unfoldment:N: unfolds:P: unforeseen:J: unforethought:J: unforgettable:J:
unforgivable:J: unforgiving:J: unformed:J: unforseen:JN: unfortunate:JN:p unfortunately:R: unfortunates:S: unfounded:J: unfree:J: unfriendly:J:
unfrocking:N: unfrosted:E: unfrozen:J: unfulfilled:J: unfunded:J: unfunnily:R: unfunny:J: unfurled:E: ungainly:J: ungallant:J: ungentlemanly:J:
unglamorous:J: unglued:J: ungodly:J: ungovernable:J: ungoverned:J: ungracious:J: ungrateful:J: ungratified:J: unguaranteed:J: unguided:J: unhappiest:J:
unhappily:R: unhappiness:N:s unhappy:J: unharmed:J: unharmonious:J: unhealed:J: unhealthily:R: unhealthy:J: unheard-of:J: unheard:J: unheated:J:
unhedged:E: unheeded:J: unheeding:G: unhelpful:J: unhelpfully:R: unheralded:J: unheroic:J: unhesitant:J: unhesitatingly:R: unhindered:J: unhinged:E:
unhip:J: unhitched:DE: unhocked:E: unholy:J: unhook:V: unhurried:J: unhurriedly:R: unhurt:J: unhusked:E: uni-directional:J: unicorns:S: unicycle:N:x
unidentifiable:J: unidentified:J: unidirectional:J: unification:N:a unificationists:S: unifications:S: unified:JDE: unifier:N: unifies:P: uniform:NJ:x
uniformed:J: uniformity:N:u uniformly:R: uniforms:S: unify:V: unifying:GJ: unilateral:J: unilateralism:N:k unilateralist:J: unilateralists:S:
unilaterally:R: unimaginable:J: unimaginative:J: unimpaired:J: unimpassioned:J: unimpeachable:J: unimpeachably:R: unimpeded:J: unimportant:J:
unimposing:J: unimpressed:J: unimpressive:J: unimproved:J: unincorporated:J: unindicted:J: uninfected:J: uninfluenced:E: uninformative:J: uninformed:J:
uninhabitable:J: uninhabited:J: uninhibited:J: uninitiate:N:g uninitiated:J: uninjectable:J: uninjured:J: uninominal:J: uninspected:J: uninspired:J:
uninsurable:J: uninsured:J: unintelligible:J: unintended:J: unintentional:J: unintentionally:R: uninterested:J: uninteresting:J: uninterruptable:J:
uninterrupted:J: uninterruptedly:R: uninterruptible:J: uninvited:J: uninviting:J: uninvolved:J: union-bidder:N: union-busting:J: union-company:J:
union-industry:N: union-management:J: union-owned:J: union-represented:J: union-sponsored:J: union:NJ:g unionist:N:p unionists:S: unionized:JDE:
unions:S: unique-ingrown-screwedup:J: unique:JN: uniquely:R: uniqueness:N:u uniramous:J: unison:N:s unissued:J: unit-labor:J: unit-making:G:
unit-price:N: unit:N:q unitarian:N:p unitary:J: unite:V: united:EDJ: unites:P: unitholders:S: unities:S: uniting:G: unitized:E: units:S: unity:N:s
univalent:J: universal:J: universalistic:J: universality:N:u universalization:N: universalize:V: universally:R: universals:S: universe-shaking:J:
universe:N:x universities:S: university-based:J: university-educated:J: university-funded:J: university-trained:J: university-wide:J: university:N:g
unjacketed:J: unjust:J: unjustifiable:J: unjustifiably:R: unjustified:J: unjustly:R: unk-unks:S: unkempt:J: unkind:J: unknowable:J: unknowing:J:
unknowingly:R: unknown:JN:l unknowns:S: unlabeled:J: unlaced:DE: unlacing:G: unlamented:J: unlashed:D: unlatch:V: unlaundered:E: unlawful:J:
unlawfully:R: unleaded:J: unleash:V: unleashed:ED: unleashes:P: unleashing:GN: unleavened:J: unless:I: unleveled:E: unlicensed:J: unlike:IJN:
unlikely:JR: unlimited:J: unlined:J: unlinked:J: unlisted:JE: unlit:N: unliterary:J: unload:V: unloaded:EJD: unloading:GN:a unloads:P: unlock:V:
unlocked:DEJ: unlocking:G: unlocks:P: unlovable:J: unlovely:J: unluckily:R: unlucky:J: unmagnified:J: unmalicious:J: unmanageable:J: unmanageably:R:
unmanaged:J: unmanned:J: unmarked:J: unmarketable:J: unmarried:JE: unmasculine:J: unmask:V: unmasked:E: unmasks:P: unmatched:J: unmated:E:
unmaterialized:E: unmeasurable:J: unmelodic:J: unmentioned:E: unmeritorious:J: unmeshed:J: unmet:J: unmethodical:J: unmiked:E: unmindful:J:
unmistakable:J: unmistakably:R: unmixed:E: unmodified:J: unmolested:J: unmotivated:J: unmoved:J: unmurmuring:J: unnameable:J: unnamed:J: unnatural:J:
unnaturally:R: unnaturalness:N:u unnavigable:J: unnecessarily:R: unnecessary:J: unneeded:J: unnerved:DJ: unnerving:GJ: unnnt:N: unnoticed:J:
unnourished:J: unnumbered:J: unobserved:J: unobtainable:J: unobtrusive:J: unobtrusively:R: unobvious:J: unoccupied:J: unofficial:J: unofficially:R:
unopened:J: unopposable:J: unopposed:J: unorganized:J: unoriginal:J: unoriginals:S: unorthodox:J: unpack:V: unpacked:J: unpacking:G: unpadded:J:
unpaid:J: unpaintable:J: unpaired:E: unpalatable:J: unparalleled:J: unpartisan:J: unpatriotic:J: unpatronizing:G: unpaved:J: unpeace:N: unpegged:J:
unperceived:E: unperformed:J: unperturbed:J: unphysical:J: unpicturesque:J: unplagued:E: unplanned:J: unpleasant:J: unpleasantly:R: unpleasantness:N:s
unpleased:E: unplowed:J: unplug:V: unplumbed:J: unpolarizing:G: unpolished:J: unpolitical:J: unpopular:J: unpopularity:N:u unprecedented:J:
unprecedentedly:R: unpredictability:N:u unpredictable:J: unpredictably:R: unpremeditated:J: unprepared:J: unpretentious:J: unproblematic:J:
unprocurable:J: unproductive:J: unprofessional:J: unprofitable:J: unpromising:J: unprotected:J: unprovable:J: unproved:J: unproven:J: unprovocative:J:
unpublicized:J: unpublishable:J: unpublished:J: unpunctured:J: unpunished:J: unqualified:J: unqualifiedly:R: unquenched:E: unquestionable:J:
unquestionably:R: unquestioned:J: unquestioningly:R: unquiet:J: unravel:V: unraveled:EJD: unraveling:NG: unread:J: unreadable:J: unready:J: unreal:J:
unrealism:N:k unrealistic:J: unrealistically:R: unreality:N:u unrealized:J: unreason:N:s unreasonable:J: unreasonably:R: unreasoning:J:
unreassuringly:R: unrecognizable:J: unrecognized:J: unreconstructed:J: unrecoverable:J: unredeemed:J: unreeling:G: unreflective:J: unrefrigerated:J:
unregisterd:J: unregistered:J: unregulated:J: unrehearsed:J: unreimbursed:E: unreinforced:J: unrelated:J: unreleasable:J: unreleased:J: unrelenting:J:
unreliability:N:u unreliable:J: unrelieved:J: unremarkable:J: unremitting:J: unremittingly:R: unrepentant:J: unreported:J: unrequited:J:
unreservedly:R: unresolved:J: unresponsive:J: unrest:N:s unrestrained:J: unrestricted:J: unrestrictedly:R: unretouched:J: unrevealing:G: unrewarding:J:
unrifled:J: unripe:J: unrivaled:J: unroll:V: unrolled:J: unrolls:P: unromantic:J: unruffled:J: unruly:J: unsaddling:G: unsafe:J: unsaid:J:
unsaleable:J: unsalted:J: unsanctioned:J: unsatisfactorily:R: unsatisfactory:J: unsatisfied:J: unsatisfying:J: unsaturated:J: unsavory:J: unscathed:J:
unscented:E: unscheduled:J: unscientific:J: unscramble:V: unscrew:V: unscrewed:D: unscripted:J: unscrupulous:J: unseal:V: unsealed:EJ: unsealing:N:
unseasonable:J: unseat:V: unseated:JD: unseating:G: unsecured:J: unsee:E: unseemly:J: unseen:J: unself-conscious:J: unselfconsciousness:N:k
unselfish:J: unselfishly:R: unselfishness:N:u unsentimental:J: unserious:J: unserviceable:J: unservile:J: unsettled:JDE: unsettlement:N: unsettling:JG:
unshackled:J: unshakable:J: unshakeable:J: unsharpened:E: unshaved:J: unshaven:J: unsheathe:V: unsheathing:G: unshed:J: unshelled:E: unsheltered:J:
unshielded:E: unshirted:J: unsightly:J: unsigned:J: unskilled:J: unsloped:J: unsmiling:J: unsmilingly:R: unsold:J: unsolder:V: unsolicited:J:
unsolved:J: unsophisticated:J: unsound:J: unspeakable:J: unspecified:J: unspectacular:J: unspent:J: unspoiled:J: unspoken:J: unsprayed:E: unstable:J:
unstained:J: unstanched:E: unstapled:J: unstaring:G: unstated:J: unsteadily:R: unsteadiness:N:u unsteady:JV: unstilted:J: unstimulated:J:
unstinting:GJ: unstoppable:J: unstressed:J: unstructured:J: unstrung:J: unstuck:J: unstuffy:V: unstylish:J: unsubordinated:J: unsubsidized:J:
unsubstantiated:J: unsubtle:J: unsuccessful:J: unsuccessfully:R: unsuitability:N:u unsuitable:J: unsuitably:R: unsuited:E: unsung:J: unsupportable:J:
unsupported:J: unsure:J: unsurmountable:J: unsurpassed:J: unsurprised:J: unsurprising:GJ: unsuspected:J: unsuspecting:J: unsustainable:J: unswagged:J:
unswaggering:J: unswerving:J: unsympathetic:J: untamed:J: untapped:J: untarnished:J: unteach:V: untellable:J: untenable:J: untenanted:J: untenured:E:
untested:J: unthaw:V: unthematic:J: unthinkable:JN: unthinking:J: unthinkingly:R: unthreatening:J: untidiness:N:s untidy:J: untie:V: untied:D: until:I:
untimely:J: unto:IR: untold:J: untouchable:J: untouched:J: untoward:J: untracked:J: untradeable:J: untraditional:J: untrained:J: untrammeled:EJ:
untreated:J: untried:J: untrue:J: untrustworthiness:N:u untrustworthy:J: untruth:N:w unturned:J: unusable:J: unusally:R: unused:J: unusual:J:
unusually:R: unutterably:R: unuttered:J: unvarying:G: unvaryingly:R: unveil:V: unveiled:DJE: unveiling:GN:w unveils:P: unventilated:E: unverifiable:J:
unviable:J: unvisited:E: unwaivering:G: unwanted:J: unwarrantable:J: unwarranted:J: unwary:J: unwashed:J: unwavering:G: unwaveringly:R: unwed:J:
unwelcome:J: unwholesome:J: unwieldy:J: unwilling:J: unwillingly:R: unwillingness:N:u unwind:V: unwinding:NG: unwire:V: unwired:D: unwise:J:
unwisely:R: unwitting:J: unwittingly:R: unwomanly:R: unworkable:J: unworn:J: unworthy:JN: unwounded:J: unwraps:P: unwrinkled:J: unwritten:J:
unyielding:J: up-and-coming:J: up-front:J: up-jutting:J: up-market:J: up-or-down:J: up-pp:R: up-scale:J: up-tight:J: up-to-date:J: up:IJRV: upbeat:JN:s
upbringing:N:u upcoming:J: upcountry:J: update:VN:w updated:EJ: updates:SP: updating:GN:a upended:J: upfield:R: upgrade:VJN:x upgraded:EDJ:
upgrades:SP: upgrading:GN: upgradings:S: upheaval:N:s upheavals:S: upheld:DE: uphill:JR: uphold:V: upholders:S: upholding:G: upholds:P: upholstered:E:
upholstery:N:x upkeep:N:a upland:JR: uplands:S: uplift:NV:a uplifting:JG: upmarket:J: upon:IR: upped:DE: upper-class:J: upper-crust:J: upper-deck:J:
upper-echelon:J: upper-house:NJ: upper-income:JN: upper-level:J: upper-lower:J: upper-management:N: upper-medium:J: upper-middle-class:J:
upper-middle-income:JN: upper-middle:J: upper:JR: upperclassmen:S: uppercut:N:a uppermost:JR: uppon:IN: upraised:E: upright:RJ: uprising:N:a
uprisings:S: upriver:J: uproar:N:s uproariously:R: uproot:V: uprooted:EDJ: ups-and-downs:S: ups:S: upscale:JNR: upset:ENVDJ:s upsets:SP: upsetting:GJN:
upshot:N:s upshots:S: upside:RJN:l upstaged:ED: upstairs:NRJ:x upstanding:J: upstart:NJ:p upstarts:S: upstate:JR: upstream:RJ: upsurge:N:a upswing:N:
uptake:N:a uptempo:J: uptick:NV:a uptight:J: uptown:NJ:l uptrend:N: upturn:N:a upturned:J: upturns:S: upward-mobile:J: upward:RJ: upwardly:R:
upwards:RS: uranium-mining:N: uranium-recovery:J: uranium-waste:J: uranium:N:x uranyl:N:x urban-development:N: urban-fringe:J: urban:J: urbane:J:
urbanism:N: urbanization:N:s urbanized:EJ: urchin:N:p urea:N:x uremia:N:s urethane:N:x urethanes:S: urethra:N:x urge:VN:k urged:DE: urgencies:S:
urgency:N:s urgent:J: urgently:R: urges:PS: urging:GN:w urgings:S: urinals:S: urinary-tract:N: urinary:J: urine:N:x urn:N:x urns:S: us:O: usability:N:u
usable:J: usage:N:a usages:S: use:NV:a useable:J: used-car:NJ:x used-equipment:N: used:EDJ: useful:J: usefully:R: usefulness:N:u useless:J:
uselessly:R: uselessness:N:u user-inviting:J: user:N:p userfriendly:J: users:S: uses:PS: usher:NV:p ushered:DE: ushering:G: ushers:PS: using:G:
ussr:N:l usual:JR: usually:R: usurious:J: usurp:V: usurpation:N:a usurped:E: usurping:G: ususal:J: utah:N:l utensil:N:x utensils:S: utero:N: uterus:N:x
utilitarian:J: utilities:S: utility-cost:N: utility:NJ:g utilization:N:a utilize:V: utilized:ED: utilizes:P: utilizing:G: utmost:JN:u utmosts:S:
uto-aztecan:N:w utopia:N:w utopian:JN:p utopianism:N:k utopians:S: utopias:S: utter:JV: utterance:N:w utterances:S: uttered:DE: uttering:G: utterly:R:
uttermost:J: uttuh:V: v:N:q vacancies:S: vacancy:N:s vacanices:S: vacant:J: vacate:V: vacated:ED: vacating:G: vacation:NV:t vacationed:D:
vacationer:N:p vacationers:S: vacationing:GN:a vacationland:N: vacations:S: vaccinating:G: vaccination:N:a vaccine-related:J: vaccine-vendor:J:
vaccine:N:x vaccines:S: vaccinia:N:s vacillate:V: vacillated:D: vacillation:N:k vacuolated:E: vacuolization:N:s vacuous:J: vacuum-formed:J:
vacuum-packed:J: vacuum-tube:J: vacuum:NJV:s vacuumed:D: vacuuming:GN: vagabond:N:x vagabondage:N:a vagabonds:S: vagaries:S: vagina:N:x vaginal:J:
vagrant:J: vague:J: vaguely-imagined:J: vaguely:R: vagueness:N:u vaguer:J: vaguest:J: vain:JR: vainly:R: valet:N:p valewe:N: valiant:J: valiantly:R:
valid:J: validate:V: validated:E: validating:G: validation:N:a validity:N:u validly:R: valley:N:x valleys:S: valor:N:u valuable:J: valuation:N:k
valuations:S: value-added:J: value-assessment:N: value-boosting:J: value-investing:J: value-judgments:S: value-orientations:S: value-oriented:J:
value-problems:S: value-story:J: value-system:N:k value:NV:k valued:EJD: valueless:J: values:SP:k valuing:G: valve:N:x valves:S: vampire:N:p
vampires:S: vampirism:N:k van:N:g vandal:N:p vandalism:N:a vandalized:DE: vandals:S: vane:N:x vanguard:N:g vanilla:N:b vanish:V: vanished:DE:
vanishes:P: vanishing:G: vanities:S: vanity:N:s vanquish:V: vans:S: vantage-points:S: vantage:N:l vapor-pressure:N: vapor:N:x vaporization:N:a
vapors:S:s vaquero:N:p variability:N:u variable-rate:J: variable-speed:J: variable:JN:x variables:S: variance:N:a variances:S: variant:NJ:a variants:S:
variation:N:a variations:S: varicolored:J: varied:EDJ: variegated:J: varies:P: varieties:S: variety:N:g various-sized:J: various:J: variously:R:
varitinted:J: varityping:N: varmint:N:p varnish:N:x varnishes:S: vary:V: varying:GJ: vasa:N: vascular-lesion:N: vascular:J: vase:N:x vases:S:
vasodilator:N:x vasorum:N: vassal:N:p vassals:S: vast:J: vaster:J: vastly:R: vatican:N:x vats:S: vaudeville:N:w vault:NV:x vaulted:D: vaulting:JNG:x
vaults:S: vaunted:JE: veal:N:f vector:N:k vectors:S: veer:V: veered:DE: veering:G: veers:P: vegetable-protein:N: vegetable:N:f vegetables:S:
vegetarian:J: vegetarians:S: vegetation:N:g vegetative:J: vehemence:N:u vehement:J: vehemently:R: vehicle-loan:J: vehicle-making:J:
vehicle-marketing:J: vehicle-production:J: vehicle-suspension:N: vehicle:N:x vehicles:S: vehicular:J: veil:N:x veiled:EJ: veiling:N:x veils:S: vein:N:x
veined:J: veining:NG: veins:S: veldt:N:l vellum:J: velocities:S: velocity:N:t velour:N:x velours:N:x velvet:N:x velveteen:N:x velvety:J: venal:J:
vendetta:N:a vending:NGJ:a vendor:N:p vendors:S: veneer:N:x venerable:JN: venerated:E: veneration:N:s venereal:J: venezuela:N:l vengeance:N:a
venice:N:l venison:N:f venom:N:x venomous:J: vent:NV:x vented:DE: ventilated:DEJ: ventilates:P: ventilating:NG: ventilation:N:a ventilator:N:x
ventricle:N:x ventricles:S: ventricular:J: vents:S: venture-capital:JN: venture:NVJ:a ventured:DE: venturers:S: ventures:SP: venturesome:J:
venturing:G: venue:N:l venues:S: venus:N:x veracious:J: veracity:N:u veranda:N:x verandah:N:x verandas:S: verb:N:w verbal:J: verbally:R: verbatim:RJ:
verbena:N:b verbenas:S: verbiage:N:w verbs:S: verdant:J: verdict:N:a verdicts:S: verge:N:u verged:D: veridical:J: verie:R: verifiable:J: verifiably:R:
verification:N:k verified:E: verifier:N:p verifiers:S: verify:V: verifying:G: verisimilitude:N:u veritable:J: verities:S: verity:N:s vermeil:J:
vermilion:JN:u vermont:N:l vermouth:N:f vernacular:NJ:w vernal:J: vernier:N:p versa:R: versatile:J: versatility:N:k verse:N:w versed:E: verses:S:
version:N:w versions:S: verso:N:w versus:IC: vertebrae:S: vertebral:J: vertebrate:J: vertebrates:S: vertex:N:k vertical-restraint:J:
vertical-restraints:S: vertical:JN:z vertically:R: vertigo:N:s verve:N:u very-highly:J: very:RJ: vesicular:J: vessel:N:x vessels:S: vest:NV:x
vested:EJ: vestibule:N:x vestibules:S: vestige:N:w vestiges:S: vesting:G: vestments:S: vests:S: vet:N:p veteran:NJ:p veterans:S: veterinarian:N:p
veterinarians:S: veterinary:J: veto-proof:J: veto:NV:a vetoed:DE: vetoes:SP: vetoing:G: vetted:E: vex:V: vexation:N:s vexatious:J: vexed:EJ: vexes:P:
vexing:JG: via:I: viability:N:u viable:J: viaduct:N:x viaducts:S: vial:N:x viand:N:f vibes:S:x vibrancy:N:u vibrant:J: vibrate:V: vibrated:D:
vibrating:G: vibration-control:J: vibration:N:a vibrations:S: vibrato:N:a vibratory:J: vibrionic:J: vicar:N:p vicarious:J: vicariously:R: vicars:S:
vice-chairman:N: vice-chancellor:N: vice-president:N: vice-presidents:S: vice-regent:J: vice:NJR:u vicelike:J: vices:S: vicinity:N:l vicious:J:
viciously:R: viciousness:N:u vicissitudes:S: vicitims:S: victim:N:p victimize:V: victimized:EJ: victimizes:P: victimless:J: victims:S: victor:N:p
victories:S: victorious:J: victoriously:R: victory:N:a victrola:N:x victuals:S:f video-cassette:JN: video-distribution:N: video-game:N: video-rental:J:
video-store:N: video-viewing:J: video:NJ:w videocam:N: videocameras:S: videocasette:N: videocassette:N:x videocassettes:S: videoconferencing:N:
videodiscs:S: videodisk:N:x videodisks:S: videos:S: videotape:NV:x videotaped:ED: videotapes:S: videotex:N: videotext:N: vie:V: vied:DE: vienna:N:l
vientiane:N:l vies:P: view:NV:k viewed:ED: viewer:N:p viewers:S:g viewership:N: viewing:GN:w viewings:S: viewless:J: viewpoint:N:k viewpoints:S:
views:SP: vigil:N:k vigilance:N:k vigilant:J: vigilantism:N:a vignette:N:w vignettes:S: vigor:N:u vigorous:J: vigorously:R: vile:J: vilification:N:w
vilified:E: vilifies:P: vilifying:G: villa:N:p village:N:g villager:N:p villagers:S: villages:S: villain:N:p villainous:J: villains:S: villas:S:
vindicate:V: vindicated:ED: vindication:N:a vindictive:J: vine-crisscrossed:J: vine-embowered:J: vine-shaded:J: vine:N:b vinegar:N:f vines:S:
vineyard:N:x vineyards:S: vintage:JN:f vintages:S: vintner:N:p vintners:S: vinyl-laminated:J: vinyl-products:S: vinyl:N:x vioiln:N: violate:VJ:
violated:DE: violates:P: violating:G: violation:N:a violations:S: violator:N:p violators:S: violence:N:a violent:J: violently:R: violet:N:b violets:S:
violin:N:x violinist:N:p violinists:S: violins:S: vipers:S: viral:J: virgin:JN:p virginia:N:l virginian:N:p virginity:N:s virgins:S: virile:J:
virility:N:u virologist:N:p virtual:J: virtually:RIJ: virtue:N:u virtues:S: virtuosi:S: virtuosity:N:k virtuoso:JN:p virtuosos:S: virtuous:J:
virulence:N:u virulent:J: virus-boosting:J: virus-free:J: virus:N:n viruses:S: virutally:R: vis-a-vis:IN:k visa-free:J: visa:N:w visage:N:x visages:S:
visas:S: viscera:S:x visceral:J: viscoelastic:J: viscoelasticity:N: viscometer:N:x viscosity:N:u viscous:J: vise:N:x viselike:J: visibility:N:u
visible:J: visibly:R: vision:N:k visionaries:S: visionary:J: visions:SP: visit:NV:a visitation:N:a visitations:S: visited:DE: visiting:GJ: visitor:N:p
visitors:S: visits:SP: vista:N:k vistas:S: vistors:S: visual:J: visualization:N:k visualizations:S: visualize:V: visualized:DE: visualizes:P:
visually:R: visuals:S: vitae:N: vital:J: vitality:N:u vitally:R: vitals:S:x vitamin-and-iron:J: vitamin:N:x vitamins:S: vitiate:V: vitiated:E:
vitiates:P: vitreous-china:N: vitriol:N:x vitriolic:J: vitro:N: viva:N:w vivacious:J: vivacity:N:u vivid:J: vividly:R: vividness:N:u vivified:E:
vivify:V: vivo:N: viyella:N:x vocabularies:S: vocabulary:N:w vocal:JN:w vocalic:J: vocalism:N:w vocalist:N:p vocalists:S: vocalization:N:w vocalize:V:
vocally:R: vocals:S: vocation:N:a vocational-advancement:J: vocational:J: vocationally:R: voce:N: vociferous:J: vociferously:R: vociferousness:N:
vodka:N:f vodkas:S: vogue:N:k voice-activated:J: voice-altering:J: voice-mail:N: voice-over:J: voice-processing:J: voice-recognition:N:
voice-response:N: voice:NV:u voiced:DJE: voiceless:J: voices:SP: voicing:G: void:NJV:s voided:DE: voids:P: volatile:J: volatility:N:u volatilization:N:
volcanic:J: volcano:N:x volcanoes:S: volcanos:S: volition:N:k volley-ball:N: volley:N:a volleyball:N:a voltage:N:s voltages:S: voltaic:J: voltaire:N:p
voltmeter:N:x volts:S: voluble:J: volubly:R: volume-based:J: volume-decliner:J: volume-wine:J: volume:N:q volumes:S: volumetric:J: volumetrically:R:
voluminous:J: voluntarily:R: voluntarism:N: voluntary-control:J: voluntary:J: volunteer:NVJ:p volunteered:DE: volunteering:GN: volunteerism:N:
volunteers:S: voluptuous:J: vomica:N: vomit:V: vomited:D: vomiting:GN:a voodoo:N:x voracious:J: voraciously:R: vortex:N:u vote-begging:N:
vote-diluting:J: vote-getter:N: vote-getters:S: vote-loser:N: vote:NV:a voted:DE: voter-approved:J: voter-registration:J: voter:N:p voters:S: votes:SP:
voting:NJG:a votive:J: voucher:N:p vouchers:S: vouching:G: vouchsafes:P: voume:N: vow:NV:w vowed:DE: vowel:NJ:w vowels:S: vowing:G: vows:PS: voyage:N:a
voyager:N:p voyages:S: voyageurs:S: voyeurism:N:a vp:N: vs:I: vu:N: vue:N: vuhranduh:N: vulcanized:E: vulgar:J: vulnerabilities:S: vulnerability:N:s
vulnerable:J: vulpine:J: vulture-like:J: vulture:N:n vultures:S: vying:G: w-i-d-e:N: w:I: wacky:J: wad-working:N: wad:NV:x wadded:D: waddlers:S:
waddles:P: wade:V: waded:DE: wads:S:q wafer:N:x wafers:S: waffle-pattern:N: waffle:NV:f waffled:DE: waffles:S: waffling:GJN: waft:V: wafting:G:
wag:NV:p wage-discrimination:N: wage-earning:J: wage-floor:J: wage-price:J: wage-rate:J: wage-rates:S: wage-setter:N: wage:NV:m waged:ED: wager:NV:a
wagering:NG: wagers:S: wages:S:a wagged:D: wagging:G: waggishly:R: waggled:D: waggling:G: waging:G: wagon:N:x wagons:S: wags:S: wahtahm:N: waif:N:p
wail:NV:w wailed:DE: wailing:GN:a wails:S: wainscoted:J: waist-length:J: waist:N:x waistcoat:N:x waists:S: wait-and-see:J: wait:VN:t waited:DE:
waiter:N:p waiters:S: waitin:N: waiting:GNJ:a waitress:N:p waitresses:S: waits:P: waive:V: waived:ED: waiver:N:a waivered:E: waivers:S: waives:P:
waiving:G: wake:NV:s waked:DE: wakeful:J: wakefulness:N:k wakened:E: wakening:G: wakes:P: waking:GJ: wales:S:l walk-in:J: walk-on:N:p walk-through:J:
walk-to:J: walk-up:N:x walk-way:N: walk:VN:a walked:DE: walker:N:p walkers:S: walkie-talkie:N:x walkie-talkies:S: walkin:G: walking:GJN:a walkout:N:a
walkouts:S: walkover:N:a walks:PS: walkway:N:x walkways:S: wall-flowers:S: wall-paneling:J: wall-stabilized:J: wall-switch:N: wall-to-wall:J: wall:NV:x
wallboard:N:x wallcoverings:S: walled:JE: wallet:N:x wallets:S: wallflower:N:b wallop:N:s walloped:D: walloping:JN:a wallops:P: wallow:V: wallowed:DE:
wallowing:G: wallpaper:N:x wallpapers:S: walls:S: walnut:N:f walnuts:S: walrus:N:n walruses:S: waltz:NV:a waltzing:G: wan:J: wand:N:x wander:V:
wandered:D: wanderer:N:p wanderers:S: wandering:G: wanderings:S: wanders:P: wane:VN:s waned:DE: wanes:PS: wangled:D: waning:G: wanna:V: want:VN:s
wanta:V: wanted:DJE: wanting-to-be-alone:J: wanting:G: wanton:J: wants:PS: war-damaged:J: war-dirty:J: war-like:J: war-rationed:J: war-ridden:J:
war-time:J: war-torn:J: war:NV:a warbler:N:p warbling:G: warchest:N: ward-heeler:N:p ward-heelers:S: ward-personnel:S: ward:NV:p warded:E: warden:N:p
wardens:S: wardrobe:N:x wardrobes:S: wardroom:N:x wards:S: ware:N:x warehouse-club:N: warehouse-management:N: warehouse-type:N: warehouse:NV:x
warehouseman:N:p warehouses:SP: warehousing:N:a wares:S: warfare:N:a warfront:N: warhead:N:x warheads:S: warhorse:N:x warily:R: wariness:N:u warless:J:
warlike:J: warlords:S: warm-blooded:J: warm-hearted:J: warm-red:J: warm-toned:J: warm-up:N:a warm-ups:S: warm-weather:J: warm:JV: warmed-over:I:
warmed:DE: warmer:JR: warmhearted:J: warmheartedness:N:s warming:NG:s warmish:J: warmly:R: warmongering:N:k warms:P: warmth:N:k warmup:N:
warn-your-enemy:J: warn:V: warned:DE: warning-signals:N: warning:NG:w warningly:R: warnings:S: warns:P: warp:N:s warped:EJ: warping:GN:a warrant:NV:w
warranted:EJD: warranties:S: warrantless:J: warrants:SP: warranty:N:w warred:D: warren:N:p warrent:J: warring:G: warrior:N:p warriors:S: wars:S:
warsaw:N:l warship:N:x warships:S: wart-hog:N: wart:NS:u wartime:N:t wartorn:N: warts:S: warty:J: wary:J: warys:S: was:D: wash-outs:S: wash-up:J:
wash:NVJ:x washable:J: washbasin:N:x washboard:N:x washbowl:N:x washed-out:J: washed:EDJ: washer:N:p washes:SP: washing:GN:a washings:S: washington:N:l
washload:N: washouts:S: washup:N:a wasp:N:p waspish:J: waspishly:R: wassail:N:f waste-disposal:JN: waste-energy:N: waste-management:JN:
waste-storage:N: waste-to-energy:JN: waste-treatment:N: waste-water:N: waste:NVJ:x wastebasket:N:x wasted:EDJ: wasteful-racist-savagery:N: wasteful:J:
wasteland:N:l wastepaper:N: wastes:SP: wastewater:N:x wasting:GJN:s wastrel:N:p watch-spring:J: watch:VJN:x watchdog:NJ:p watchdogs:S: watched:DEJ:
watcher:N:p watchers:S: watches:SP: watchful:J: watching:GN:a watchings:S: watchmaker:N:p watchman:N:p watchmen:S: watchtowers:S: watchword:N:w
water-authority:N: water-balance:N: water-borne:J: water-cooled:J: water-deficient:J: water-filled:J: water-holding:J: water-line:N: water-pollution:N:
water-proof:J: water-purification:N: water-purity:N: water-reactor:J: water-ski:N: water-skiing:N:a water-soluble:J: water-submersion:J: water-tank:N:
water-treatment:NJ: water-use:N: water-washed:E: water:NVJ:x watercolor:N:x watercolorist:N:p watercolorists:S: watercolors:S: watered-down:J:
watered:ED: waterfall:N:x waterfalls:S: waterflows:S: waterfront:N:l watering:GN:s waterline:N:l waterlogged:J: watermark:N:l watermelon:N:b
waterproof:N:x waterproofing:N:a waters:S:p watershed:NJ:l watersheds:S: waterside:N:x waterskiing:N: waterway:N:x waterways:S: waterworks:N:g
watery:J: watt:N:q wattle:N:x wattles:S: watts:S:p wave-length:N: wave-particle:N: wave-setting:J: wave-travel:J: wave:NV:a waved:DE: wavelength:N:u
wavelengths:S: waver:VN:p wavered:D: wavering:GN:k wavers:S: waves:S: waving:GN:w wavy-haired:J: wavy:J: wax:NV:x waxed:DJE: waxen:J: waxing:N:a
waxy:J: way-out:J: way:NR:u waylaid:E: waypoint:N: ways:S:x wayside:N:x wayward-looking:J: wayward:J: we:OV: weak-kneed:J: weak:J: weaken:V:
weakened:EJD: weakening:GJN:a weakens:P: weaker-performing:J: weaker-than-expected:J: weaker:JR: weakest:J: weakling:N:p weakly:R: weakness:N:s
weaknesses:S: weakwilled:J: wealth:N:s wealthier:J: wealthiest:J: wealthy:JS: wean:V: weaned:E: weaning:G: weapon:N:x weaponry:N:x
weapons-acquisition:N: weapons-control:J: weapons-grade:J: weapons-modernization:J: weapons-plant:J: weapons-systems:S: weapons:S: weaponsmaking:N:
wear:VJN:s wearer:N:p wearied:D: wearily:R: wearin:G: weariness:N:s wearing:G: wearisome:J: wears:P: weary:J: wearying:G: weasel-worded:J: weasel:N:p
weasling:G: weather-related:J: weather-resistant:J: weather-royal:J: weather:NV:s weatherbeaten:J: weathering:NG: weatherman:N:p weatherproof:J:
weatherstrip:V: weave:VN:x weavers:S: weaves:SP: weaving:GN:a web-printing:J: web:NJ:x webs:S: wed:EV: wedded:EJ: wedding:N:a weddings:S:
wedge-nosed:J: wedge-shaped:J: wedge:NV:u wedged:ED: wedging:G: wedlock:N:s wednesday:N:t weds:P: wee:JO: weed-killing:J: weed:NV:b weeded:E:
weeding:G: weeds:S:x week-end:N: week-ends:S: week-long:J: week-old:J: week-one:J: week-to-week:J: week:N:t weekday:NJ:t weekdays:SR: weeked:N:
weekend:N:t weekends:S: weeklies:S: weeklong:JN: weekly-average:JN: weekly:JNR:w weeknight:N:t weeknights:S: weeks:S: weep:VN: weepers:S: weeping:GN:a
weevil:N:n weevils:S: wei:S:g weigh:V: weighed:DE: weighing:GN:k weighs:P: weight-control:J: weight-height:N: weight-training:N: weight:NV:u
weighted:JDE: weighting:N:q weightings:S: weightlessness:N:u weights:SP: weighty:J: weir:N:x weird:JN:p weirdest:J: weirdly:R: weirdo:N:p weirdy:N:p
weirs:S: welcome:JNV:s welcomed:DE: welcomes:P: welcoming:GNJ: weld:VN:b welded:E: welding:NG:a welfare-state:J: welfare:N:a well-adjusted:J:
well-administered:J: well-advised:J: well-armed:J: well-baby:J: well-balanced:J: well-behaved:J: well-being:NJ:s well-born:J: well-bound:J:
well-braced:J: well-bred:J: well-brushed:J: well-capitalized:J: well-cared-for:J: well-cared:J: well-cemented:J: well-chronicled:J: well-connected:J:
well-cut:J: well-defined:J: well-deserved:J: well-designed:J: well-developed:J: well-diversified:J: well-documented:J: well-dressed:J: well-drilled:J:
well-educated:J: well-endowed:J: well-entrenched:J: well-equipped:J: well-established:J: well-experienced:J: well-fed:J: well-financed:J:
well-fitted:J: well-fleshed:J: well-fortified:J: well-founded:J: well-grooved:J: well-guarded:J: well-heeled:J: well-hit:J: well-house:J:
well-illustrated:J: well-informed:J: well-intended:J: well-intentioned:J: well-kept:J: well-known:JN: well-lighted:J: well-made:J: well-managed:J:
well-mannered:J: well-meaning:J: well-modulated:J: well-molded:J: well-nigh:R: well-off:J: well-operated:J: well-organized:J: well-oriented:J:
well-paid:J: well-paying:J: well-placed:J: well-planned:J: well-played:J: well-polished:J: well-populated:J: well-positioned:J: well-prepared:J:
well-publicized:J: well-read:J: well-received:J: well-regarded:J: well-regulated:J: well-rehearsed:J: well-respected:J: well-rounded:J: well-ruled:J:
well-run:J: well-served:J: well-servicing:J: well-set:J: well-springs:J: well-stated:JE: well-stocked:J: well-structured:J: well-stuffed:J:
well-suited:J: well-tailored:J: well-to-do:JN: well-trained:J: well-trampled:J: well-traveled:J: well-turned-out:J: well-understood:J: well-versed:J:
well-wedged:J: well-wishers:S: well-wishing:N:w well-worn:J: well-written:J: well:RVJNU:x wellbeing:N:s welled:D: wellhead:N:l welling:G: wellknown:JN:
wellness:N:s wellplaced:J: wellrun:J: wells:S:p wellspring:N:l weltanschauung:N:k welter:N:s welts:S: went:DE: wept:DE: were:DV: werewolves:S:
west-central:J: west-to-east:R: west:NJR:l westbound:J: westerly:JR: western-style:J: western:J: westerner:N:p westward:RJN:z westwards:S: wet:JNDV:s
wetlands:S: wetly:R: wetness:N:s wets:S: wetting:GN:a whack:VN:a whacked:DE: whacker:N:x whacking:G: whacky:J: whaddya:O: whale:N:p whales:S:
whalesized:J: whaling:N: whammo:U: whammy:N:a wharf:N:x wharves:S: what-nots:S: what:OT: whatever:TRO: whatsoever:RO: wheare:R: wheat-germ:N:
wheat-growing:J: wheat:NJ:b wheedled:E: wheel-loader:J: wheel-making:J: wheel:NV:x wheelbase:N:u wheelbases:S: wheelchair:N:x wheeled:DJE:
wheeler-dealers:S: wheeling:NG:l wheellike:J: wheels:S: wheeze:N:a wheezed:D: wheezes:S: wheezing:GJ: whelk:N:f when-issued:JE: when:RI: whence:R:
whenever:R: wher:R: where:R: whereabouts:NS:l whereas:I: whereby:R: whereever:R: wherefores:S: wherein:R: whereof:R: whereon:N: whereupon:I:
wherever:R: wherewith:V: wherewithal:NJ:m whether:IC: whetted:E: which:TO: whichever-the-hell:J: whichever:T: whiff:N:s whig:N:p while:IJNRV:t whim:N:s
whimper:NV:w whimpering:G: whimpers:S: whims:S: whimsical:J: whimsically:R: whimsy:N:k whine:NV:w whined:D: whiner:N:p whiners:S: whining:G:
whinnied:D: whinny:N:a whip:NV:x whipcracking:N: whiplash:N:s whiplashes:S: whipped:DEJ: whipping-boys:S: whipping:GJN:a whippings:S: whips:SP:
whipsaw:JNV:x whipsawed:E: whipsawing:NG: whir:N:a whirl:NV:a whirled:D: whirling:GJN:a whirlpool:N:a whirlwind:NJ:s whirlwinds:S: whirred:D:
whirring:G: whisked:E: whiskered:J: whiskers:S:x whiskery:J: whiskey-baritoned:J: whiskey:N:f whiskies:S: whisking:G: whisks:P: whisky-on-the-rocks:N:
whisky:N:f whisper:NV:w whispered:DEJ: whispering:GN:a whisperings:S: whispers:SP: whistle-blower:N:p whistle-blowers:S: whistle-stop:J: whistle:NV:a
whistleblower:N:p whistled:DE: whistles:S: whistling:G: whit:N:q white-bearded:J: white-clad:J: white-coated:J: white-collar-defense:J: white-collar:J:
white-columned:J: white-dominated:J: white-haired:J: white-knight:N: white-majority:J: white-minority:J: white-shoe:J: white-spirit:N: white-spirits:J:
white-squire:N: white-stucco:J: white-suited:J: white-topped:J: white-walled:J: white-washed:J: white-water:N: white:JN:p whitecollar:J: whiteface:JN:n
whitehaired:J: whitely:R: whitened:JD: whiteness:N:u whitening:G: whitens:P: whites:S: whitetail:N:n whitewalled:J: whitewash:N:a whitewashed:E:
whitewashing:G: whitish:J: whittle:V: whittled:E: whittling:G: whiz-bang:U: whiz:NU:p whizzed:D: whizzes:S: whizzing:G: who:ON:g whodunit:N:w
whodunnit-style:J: whodunnit:U: whoe:O: whoever:O: whole-bank:J: whole-egg:J: whole-heartedly:R: whole-house:J: whole-milk:N: whole-wheat:J:
whole-word:J: whole:JNR:k wholehearted:J: wholeheartedly:R: wholeness:N:s wholes:S: wholesale-price:J: wholesale-sized:J: wholesale-store:J:
wholesale:JN:a wholesaler:N:p wholesalers:S: wholesaling:GN: wholesome:J: wholewheat:J: wholly-owned:J: wholly:R: whom:O: whooosh:J: whoop:N:w
whooped:D: whooper:N:n whooping:JG: whoops:P: whoosh:VN:a whoppers:S: whopping:J: whore:N:p whores:S: whoring:N: whorl:N:u whorls:S: whosoever:O:
whupped:D: why:R: whyfores:S: wick:N:x wicked:J: wickedly:R: wickedness:N:a wicker:N:x wicket:N:x wickets:S: wide-awake:J: wide-body:J: wide-cut:J:
wide-door:J: wide-eyed:J: wide-grip:J: wide-open:J: wide-ranging:J: wide-scale:J: wide-shouldered:J: wide-sweeping:J: wide-winged:J: wide:JR:
widegrip:J: widely:R: widen:V: widened:DE: widening:GN:s widens:P: wider-body:J: wider-than-expected:J: wider-than-normal:J: wider:JR: widespread:J:
widest:J: widget:N:x widgets:S: widow:N:p widowed:EJ: widower:N:p widowers:S: widowhood:N:t widows:S: width:N:u widths:S: widthwise:R: wield:V:
wielded:ED: wielder:N: wielding:G: wields:P: wieners:S: wife-to-be:N: wife:N:p wifely:J: wig:N:x wiggier:J: wiggle:NJV:a wiggled:D: wiggling:G:
wigmaker:N:p wigmakers:S: wignapping:N: wigs:S: wil:M: wild-eyed:J: wild-sounding:J: wild:JR: wildcat:NJ:x wildcatter:N:p wilderness:N:s wildest:J:
wildflowers:S: wildlife-related:J: wildlife:N:g wildly:R: wildness:N:s wile:N:a wiles:S: wilfully:R: will-to-power:N: will:MVNR:k willed:DE: willful:J:
willfully:R: william:N: willies:S:s willing:JG: willinge:J: willingess:N: willingly:R: willingness:N:u willling:G: willow-lined:J: willow:N:b
willowy:J: willpower:N:u wills:S: willy-nilly:JR: willy:R: willya:M: wilt:MNV:s wilted:JE: wilting:G: wily:J: wimp:NV:p wimping:G: win-win:NJ: win:VN:a
wince:N:w winced:DE: winches:S: wincing:G: wind-and-water:J: wind-blown:J: wind-driven:J: wind-swept:J: wind-velocity:N: wind:NV:s windbag:N:p
windbreak:N:x windbreaks:S: winded:JE: winder:N:p winders:S: windfall:N:f windfalls:S: winding-clothes:S:x winding:GJN:a windless:J: windmill:N:x
window-film:N: window-shopping:N: window-washing:N:a window:N:x windowless:J: windowpane:N:x windowpanes:S: windows:S:w windowsill:N:x winds:SP:
windshield:N:x windshields:S: windstorm:N:s windswept:J: windup:N:a windy:J: wine-buying:J: wine-dark:J: wine-making:NJ: wine:NJ:f wined:D:
wineglass:N:x winehead:N: wineries:S: winery:N:x wines:S: wing-shooting:N: wing-tip:J: wing:NV:n wingback:N:p wingbeat:N: winged:DEJ: winger:N:p
winging:G: wingman:N:p wings:S:a wink:NV:t winked:DE: winking:G: winless:J: winner:N:p winners:S: winning:GJN:a winningest:J: winnings:S:m winnipeg:N:l
winnow:V: winnowing:N:a winos:S: wins:PS: winsome:J: winter:N:t wintered:E: wintering:G: winters:S: wintertime:N:t wintry:J: wipe:V: wiped:DE:
wipeout:N:a wipes:P: wiping:G: wire-fraud:N: wire-haired:J: wire-tapping:N: wire:NV:x wired:ED: wireless:J: wireline:J: wires:S: wiretap:N:a
wiretapping:NG: wiretaps:S: wiring:NG:x wiry:J: wisdom:N:k wise:J: wisecrack:N:w wisecracked:D: wisecracks:S: wisely:R: wisenheimer:N:p wiser:JR:
wisest:J: wish-list:N: wish-lists:S: wish:VN:s wished:DE: wisher:N: wishes:PS: wishful:J: wishing:GN:s wishy-washy:J: wishywashy:N: wisp:N:g wisps:S:
wispy:J: wistful:J: wistfully:R: wit:N:w witch:N:p witchcraft:N:k witches:S: witching:JN:a witchy:J: with-but-after:J: with-it:J: with:IJR: witha:N:
withal:I: withdraw:V: withdrawal:N:w withdrawals:S: withdrawing:GN: withdrawn:E: withdraws:P: withdrew:D: withe:N:x wither:V: withered:JE:
withering:GJ: withes:S: withheld:ED: withhold:V: withholding-tax:J: withholding:NG:a withholdings:S: withholds:P: within:IR: withing:I: without:I:
withstand:V: withstanding:G: withstands:P: withstood:DE: witness:NV:p witnessed:ED: witnesses:S: witnessing:G: wits:S:k wittily:R: wittiness:N:w
wittingly:R: witty:J: wive:S: wives:S: wizard:N:p wizards:S: wo:M: wobble:VN:a wobbled:DE: wobbling:G: wobbly:J: wod:M: woe:N:s woebegone:J: woeful:J:
woefully:R: woes:SP: wohaw:N: wohaws:S: wohd:N: woke:D: woken:E: wold:M: wolde:M: wolf:N:n wolfishly:R: wolves:S: woman:NV:p womanhood:N:s
womanizing:G: womanly:J: womb-leasing:N: womb-to-tomb:J: womb:N:x wombs:S: women-owned:J: women-trodden:J: women:S: won-lost:J: won:DNSE:q
wonder-working:J: wonder:NVJ:s wonderbars:S: wondered:DE: wonderful:J: wonderfully:R: wonderfulness:N:u wondering:GN: wonderingly:R: wonderland:N:x
wonderment:N:s wonders:SP: wondrous:J: wondrously:R: wonduh:V: wont:J: woo:V: wood-and-brass:N: wood-burning:J: wood-chip:N: wood-encased:J:
wood-grain:J: wood-grained:J: wood-oil:N: wood-paneled:J: wood-processing:J: wood-product:N: wood-products:S: wood-treating:J: wood:N:x woodcarver:N:p
woodchucks:S: woodcutters:S: wooded:J: wooden-leg:N: wooden:J: woodgrain:N:u woodgraining:N:u woodland:J: woodlots:S: woodpecker:N:n woods:S:g
woodshed:N:x woodsmoke:N: woodsy:J: woodwind:N:x woodwork:N:x woodworking:N:a woodworm:N:n woodworms:S: wooed:ED: woof:N:x wooing:GN:w wool:N:x
woolen:J: woolens:S: woolgather:V: woolly-headed:J: woolly-minded:J: woolly:J: woolworkers:S: woomera:N: wooooosh:N: woos:P: woozy:J: wop:V: wops:P:
word-for-word:J: word-games:S: word-of-mouth:N: word-processing:NS: word-weary:J: word:N:w worded:EJD: wording:N:w wordlessly:R: wordplay:N:w words:S:w
wordsworth:N:p wordy:J: wore:D: work-a-day:J: work-force:N: work-in-progress:N: work-out:JN: work-paralysis:N: work-release:N: work-rule:JN:
work-satisfaction:N: work-space:N: work-station:N: work-study:JN: work-success:N: work-weary:J: work:NV:a workability:N: workable:J: workaholic:NJ:p
workbench:N:x workbenches:S: workboard:N:x workbooks:S: workday:N:t workdays:S: worked-out:J: worked:DE: worker-compensation:N: worker-owned:J:
worker-safety:N: worker-years:S: worker:N:p workers:S: workforce:N:g workhorse:N:x workin:G: working-capital:JN: working-class:JN: working-day:J:
working-girl:N: working:GJN:x workingmen:S: workings:S:x workload:N:a workman:N:p workmanlike:J: workmanship:N:k workmen:S: workout:N:a workouts:S:
workplace:NJ:x workplaces:S: workroom:N:x works:SP:x worksheet:N:w worksheets:S: workshop:N:x workshops:S: workstation:N:x workstations:S:
worktable:N:x workweek:N:t workweeks:S: world-affairs:S: world-amid:I: world-at-large:N: world-class:J: world-commerce:J: world-currency:N:
world-famous:JN: world-freight:N: world-ignoring:J: world-leading:J: world-oriented:J: world-renowned:J: world-scale:J: world-shaking:J:
world-shattering:J: world-view:N: world-weary:J: world-wide:JR: world:NR:x worldly:J: worlds:S: worldwide:JR: worm:N:n worms:S: wormwood:N:b wormy:J:
worn-faced:J: worn-out:J: worn:EJ: wornout:N: worried:EDJ: worriedly:R: worriers:S: worries:SP: worriment:N:u worrisome:J: worry-free:J: worry:VN:k
worryin:G: worrying:GJ: worse-than-expected:J: worse:JR: worsen:V: worsened:DE: worsening:GJN:s worsens:P: worship:NV:a worshiped:E: worshipful:J:
worshiping:G: worshipped:N: worshipper:N:p worshippers:S: worshipping:G: worst-case:J: worst-hit:J: worst-marked:J: worst-performing:J: worst:JR:
worsted:JN:x wort:N:b worth-waiting-for:J: worth-while:J: worth:JINREV:q worthier:J: worthiest:J: worthiness:N:u worthless:J: worthlessness:N:u
worthwhile:J: worthwile:V: worthy:J: would-be:JN: would:M: woulda:M: wouldbe:J: wound:NDEV:s wounded:EJ: wounding:G: wounds:S: wove:D: woven-root:J:
woven:EJ: wowed:D: wows:P: wrack:NV:n wracked:ED: wracking:G: wraith-like:J: wrangle:N:w wrangled:DE: wrangler:N:p wranglers:S: wrangling:GN:w
wrap-around:J: wrap-up:J: wrap:VN:x wrapped:ED: wrapper:N:x wrappers:S: wrappin:G: wrapping:GN:x wraps:PS: wrath:N:s wrathful:J: wreak:V: wreaked:DE:
wreaking:G: wreath:N:x wreathed:E: wreaths:S: wreck:NV:s wreckage:N:x wrecked:DJE: wrecker:N:p wrecking:G: wrecks:S: wree:N: wrench:VN:s wrenched:DE:
wrenches:SP: wrenching:JG: wrest:V: wrested:DE: wrestle:V: wrestler:N:p wrestlers:S: wrestles:PS: wrestling:GN:a wrestlings:S: wretch:N:p wretched:J:
wretchedness:N:s wriggled:D: wriggling:G: wring:V: wringing:G: wrings:P: wrinkle-fighting:J: wrinkle:N:u wrinkled:JDE: wrinkles:S: wrinkling:G:
wrist:N:x wrists:S: wristwatch:N:x wristwatches:S: writ:NE:w write-down:NV:m write-downs:SN: write-in:N:p write-off:N:m write-offs:SN: write:V:
writedown:N: writedowns:S: writeoff:N: writeoffs:S: writer-turned-painter:N: writer:N:p writers:S: writes:P: writhe:NV: writhed:D: writhing:GJN:
writing-instruments:J: writing-like:J: writing:GN:a writings:S:w writs:S: written:EJ: wrondgoing:N: wrong-headed:J: wrong-o:N: wrong-way:J: wrong:JNR:u
wrongdoer:N:p wrongdoers:S: wrongdoing:N:u wronged:EJ: wrongful:J: wrongfully:R: wrongly:R: wrongness:N:u wrongs:S: wrote:D: wrought-iron:J:
wrought:EDJ: wrung:V: wry-faced:J: wry:J: wryly:R: wryness:N: wt:N: wth:I: wtih:N: wuh:V: wus:R: wynne:V: wyoming:N:l x-ray:N:s x-rays:NS: x:N:q
xenon:N:x xenophobia:N:s xenophobic:J: xxxx:N: xylem:N:b xylene:N:x xylophone:N:x xylophones:S: y:N:x ya:NO: yacht:N:x yachtel:N: yachtels:S:
yachters:S: yachting:N:a yachts:S: yachtsman:N:p yachtsmen:S: yahoos:S: yakking:G: yaks:S: yale:N:x yank:VN:p yanked:DE: yankee:N:p yanking:G:
yapping:G: yard-line:N: yard:N:q yardage:N:u yards:S: yardstick:N:w yardwork:N: yarn:N:w yarns:S: yassuhs:U: yawl:N:x yawn:NV:a yawning:GJ: yawns:S:
yaws:S:s yb:N:x yc:N: ye:ON: yea:N:w yeah:UN: year-ago:J: year-before:J: year-earlier:JN: year-end:NJR:t year-long:J: year-old:J: year-on-year:J:
year-over-year:J: year-round:JR: year-to-date:JN: year-to-year:J: year:NJ:t yearago:J: yearall:N: yearbook:N:w yearbooks:S: yeard:E: yearearlier:J:
yearend:N: yearling:J: yearlings:S: yearlong:J: yearly:JR: yearn:VN: yearned:DE: yearning:NG:s yearningly:R: yearnings:S: years:S:t yearthat:N:
yeast:N:x yeasts:S: yell:NV:w yelled:DE: yeller:J: yellerish:J: yellin:N: yelling:GN:w yellow-bellied:J: yellow-brown:J: yellow-dwarf:JN:
yellow-gray:J: yellow-green:J: yellow:JNV:u yellowed:E: yellowing:G: yellowish:J: yellows:S: yells:P: yelp:N:a yelped:D: yelping:G: yelps:S:
yen-bond:J: yen-denominated:J: yen-support:J: yen:SN:s yenta:N:p yes:UR: yesteday:N: yesterday:NR:t yesteryear:N:t yet-another:J: yet-to-be-formed:J:
yet-unnamed:J: yet:RC: yeterday:N: yf:N: yff:I: yg-globulin:N: yg:N: yield-hungry:J: yield-maintenance:N: yield-management:N: yield:VJN:a yielded:DE:
yielding:GJN:w yields:SP: yip:N:a yj:N: yl:N: ym:N: ymg:N: yo-yo:N:x yodel:N:w yodeling:G: yoga:N:k yogurt:N:f yogurts:S: yoke:N:x yokel:N:p yokels:S:
yokuts:N:w yolk:N:f yon:R: yonder:N: yongst:J: yore:ONR:t you-know-what:N: you-know:N: you:OVR: young-skewing:J: young:JNS:n younger:J: youngest:J:
youngish:J: youngster:N:p youngsters:S: younguh:J: your:O: yours:OJ: yourself:O: yourselves:O: youth:N:p youthful:J: youths:S: yow:NO: yp:N: yr:N:t
yrs:S: ys:P: yt:N: yttrium-containing:J: yuan:NS:q yucca:N:b yugoslavia:N:l yuh:O: yuk:N: yukked:D: yuletide:N:t yummy:JN: yuppie:N:p yuppies:S:
yuse:N: yyyy:N: zany:J: zap:V: zapped:D: zappers:S: zapping:GN: zeal:N:s zealot:N:p zealous:J: zealously:R: zebra:N:n zenith:N:l zero-coupon:JN:
zero-gravity:J: zero-inflation:N: zero-magnitude:N: zero-sum:J: zero:N:q zeroed:E: zeroing:G: zeros:S: zest:N:s zestfully:R: zg:N: zig-zag:V:
zigzagging:G: zigzags:S: zillions:S: zim:U: zinc-consuming:J: zinc-strip:J: zinc-sulphide:N: zinc:N:x zionism:N:w zionist:N:p zip-code:N: zip:NV:q
zipped:D: zipper:N:x zippers:S: zippo:N:q zirconate:N: zitless:J: zloty:N:q zlotys:S: zodiacal:J: zombie:N:p zombies:S: zone:N:l zoned:E: zones:S:
zoning:NG:a zoo:N:x zookeeper:N: zoologist:N:p zoology:N:g zoom:V: zoomed:DE: zooming:G: zooms:P: zoooop:N: zoot:N: zorrillas:S: zotl:N: zotls:S:
zounds:U: zq:N:
WORDS;
