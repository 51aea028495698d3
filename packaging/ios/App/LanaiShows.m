#import "LanaiShows.h"

NSNotificationName const LanaiTapped = @"app.lanai.tapped";

static LanaiShows *shows;
static NSString *tapped;
static NSString *place;

@implementation LanaiShows

+ (void)begin
{
    shows = [[LanaiShows alloc] init];
    UNUserNotificationCenter.currentNotificationCenter.delegate = shows;
}

+ (NSString *)takeTapped
{
    NSString *taken = tapped;
    tapped = nil;
    return taken ?: @"";
}

+ (NSString *)takePlace
{
    NSString *taken = place;
    place = nil;
    return taken;
}

/// A text of a message; empty where it has none.
+ (NSString *)text:(NSString *)key of:(NSDictionary *)message
{
    return [message[key] isKindOfClass:[NSString class]] ? message[key] : @"";
}

+ (void)message:(id)message then:(void (^)(NSString *))then
{
    NSString *number = [message isKindOfClass:[NSDictionary class]] ? [self text:@"id" of:message] : @"";
    if (number.length == 0) {
        then(nil);
        return;
    }
    UNMutableNotificationContent *content = [[UNMutableNotificationContent alloc] init];
    content.title = [self text:@"title" of:message];
    content.body = [self text:@"text" of:message];
    content.threadIdentifier = [self text:@"channel" of:message];
    content.userInfo = @{@"id" : number, @"place" : [self text:@"place" of:message]};
    if (![message[@"silent"] isEqual:@YES]) {
        content.sound = UNNotificationSound.defaultSound;
    }
    [self picture:[self text:@"picture" of:message] then:^(NSArray<UNNotificationAttachment *> *pictures) {
        content.attachments = pictures;
        // The same one a second time, or one that replaces another, takes its place.
        NSString *tag = [self text:@"tag" of:message];
        UNNotificationRequest *request = [UNNotificationRequest requestWithIdentifier:tag.length == 0 ? number : tag content:content trigger:nil];
        [UNUserNotificationCenter.currentNotificationCenter addNotificationRequest:request withCompletionHandler:^(NSError *error) {
            then(error == nil ? number : nil);
        }];
    }];
}

/// None where there is none, or it does not come: the message is shown all the same.
+ (void)picture:(NSString *)address then:(void (^)(NSArray<UNNotificationAttachment *> *))then
{
    NSURL *from = address.length == 0 ? nil : [NSURL URLWithString:address];
    if (from == nil) {
        then(@[]);
        return;
    }
    [[NSURLSession.sharedSession downloadTaskWithURL:from completionHandler:^(NSURL *file, NSURLResponse *response, NSError *error) {
        // What kind of picture it is, the system tells by its name.
        NSString *name = [NSUUID.UUID.UUIDString stringByAppendingPathExtension:response.suggestedFilename.pathExtension ?: @"jpg"];
        NSURL *named = [NSURL fileURLWithPath:[NSTemporaryDirectory() stringByAppendingPathComponent:name]];
        BOOL isThere = file != nil && [NSFileManager.defaultManager moveItemAtURL:file toURL:named error:nil];
        UNNotificationAttachment *picture = isThere ? [UNNotificationAttachment attachmentWithIdentifier:@"" URL:named options:nil error:nil] : nil;
        then(picture == nil ? @[] : @[ picture ]);
    }] resume];
}

// Also while the app is in front.
- (void)userNotificationCenter:(UNUserNotificationCenter *)center
    willPresentNotification:(UNNotification *)notification
    withCompletionHandler:(void (^)(UNNotificationPresentationOptions))how
{
    how(UNNotificationPresentationOptionBanner | UNNotificationPresentationOptionList | UNNotificationPresentationOptionSound);
}

- (void)userNotificationCenter:(UNUserNotificationCenter *)center
    didReceiveNotificationResponse:(UNNotificationResponse *)response
    withCompletionHandler:(void (^)(void))done
{
    NSDictionary *about = response.notification.request.content.userInfo;
    tapped = [LanaiShows text:@"id" of:about];
    NSString *leads = [LanaiShows text:@"place" of:about];
    place = leads.length == 0 ? nil : leads;
    [NSNotificationCenter.defaultCenter postNotificationName:LanaiTapped object:nil];
    done();
}

@end
