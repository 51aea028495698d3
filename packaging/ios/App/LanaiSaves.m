#import "LanaiSaves.h"
#import "LanaiScreen.h"

@implementation LanaiSaves

- (NSString *)name
{
    return @"save";
}

- (NSString *)answer:(NSString *)argument
{
    NSDictionary *wanted = [NSJSONSerialization JSONObjectWithData:[argument dataUsingEncoding:NSUTF8StringEncoding] options:0 error:nil];
    if (![wanted isKindOfClass:[NSDictionary class]] || ![wanted[@"name"] isKindOfClass:[NSString class]] ||
        ![wanted[@"text"] isKindOfClass:[NSString class]]) {
        return @"";
    }
    // A name, and not a way to another folder.
    NSString *name = [wanted[@"name"] lastPathComponent];
    NSURL *file = [NSURL fileURLWithPath:[NSTemporaryDirectory() stringByAppendingPathComponent:name.length == 0 ? @"file" : name]];
    if (![wanted[@"text"] writeToURL:file atomically:YES encoding:NSUTF8StringEncoding error:nil]) {
        return @"";
    }
    UIDocumentPickerViewController *picker = [[UIDocumentPickerViewController alloc] initForExportingURLs:@[ file ] asCopy:YES];
    [self.screen presentViewController:picker animated:YES completion:nil];
    return @"begun";
}

@end
