#import "LanaiTakesShared.h"

/// As much as a screen is given.
static const NSUInteger Longest = 2000;

@implementation LanaiTakesShared

- (NSString *)takePlace
{
    NSString *group = [@"group." stringByAppendingString:NSBundle.mainBundle.bundleIdentifier];
    NSUserDefaults *between = [[NSUserDefaults alloc] initWithSuiteName:group];
    NSString *text = [between stringForKey:@"shared"];
    if (text.length == 0) {
        return nil;
    }
    [between removeObjectForKey:@"shared"];
    NSString *taken = [text substringToIndex:[text rangeOfComposedCharacterSequencesForRange:NSMakeRange(0, MIN(text.length, Longest))].length];
    NSMutableCharacterSet *plain = [NSMutableCharacterSet characterSetWithCharactersInString:@"-._~"];
    [plain addCharactersInString:@"ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789"];
    return [@"/{{shared}}/~" stringByAppendingString:[taken stringByAddingPercentEncodingWithAllowedCharacters:plain] ?: @""];
}

@end
