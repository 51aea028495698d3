<?php

declare(strict_types=1);

/* What cannot be done by saying it, or not at all; and the station to which somebody is sent instead, '' for none. */
return [
    ['publish the app', 'release'], ['put it in the app store', 'release'], ['build an apk', 'release'], ['invite testers', 'release'],
    ['import a csv file', 'data'], ['export everything', 'data'], ['make some sample rows', 'data'], ['delete all rows of glazes', 'data'],
    ['undo that', ''], ['go back to yesterday', ''], ['reset the password of Jory', 'people'], ['ban the user Jory', 'people'],
    ['give everybody a discount', 'earnings'], ['refund the last payment', 'earnings'], ['connect it to a REST api', 'services'],
    ['add a chatbot that knows clay', 'services'], ['how many people came yesterday?', 'reach'], ['send a newsletter', 'reach'],
    ['change the app icon', 'release'], ['make it a 3d game', ''], ['use bluetooth to read the kiln', ''], ['add video calls', ''],
    ['write some code for me', ''], ['animate the glazes with confetti', 'screens'], ['buy a domain', 'release'], ['accept bitcoin', 'earnings'],
    ['sing me a song', ''], ['make everything better', ''], ['do what my competitor does', ''], ['rename the unicorn to horse', ''],
];
