#import "LanaiFeels.h"

@implementation LanaiFeels

- (NSString *)name
{
    return @"tick";
}

- (NSString *)answer:(NSString *)argument
{
    [[[UISelectionFeedbackGenerator alloc] init] selectionChanged];
    return @"";
}

@end
