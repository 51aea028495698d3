#import "LanaiFails.h"

/// Characters that are kept.
static const NSUInteger Most = 4000;

static NSUncaughtExceptionHandler *before;

static NSString *fileOfFault(void)
{
    return [NSSearchPathForDirectoriesInDomains(NSCachesDirectory, NSUserDomainMask, YES).firstObject stringByAppendingPathComponent:@"trouble"];
}

static void keepFault(NSException *exception)
{
    NSString *where = [exception.callStackSymbols componentsJoinedByString:@"\n"];
    NSString *said = [NSString stringWithFormat:@"%@: %@\n%@", exception.name, exception.reason, where];
    [[said substringToIndex:MIN(said.length, Most)] writeToFile:fileOfFault() atomically:YES encoding:NSUTF8StringEncoding error:nil];
    if (before != NULL) {
        before(exception);
    }
}

@implementation LanaiFails

+ (void)begin
{
    before = NSGetUncaughtExceptionHandler();
    NSSetUncaughtExceptionHandler(&keepFault);
}

- (NSString *)name
{
    return @"trouble";
}

// What is kept, once; nothing where nothing happened.
- (NSString *)answer:(NSString *)argument
{
    NSString *kept = [NSString stringWithContentsOfFile:fileOfFault() encoding:NSUTF8StringEncoding error:nil];
    [NSFileManager.defaultManager removeItemAtPath:fileOfFault() error:nil];
    return kept ?: @"";
}

@end
