#import "LanaiFetches.h"
#import "LanaiShows.h"
#import <BackgroundTasks/BackgroundTasks.h>

static NSString *const Kept = @"app.lanai.from";
static NSString *const Task = @"app.lanai.fetch";

/// Seconds, and bytes of an answer.
static const NSTimeInterval Quarter = 15 * 60;
static const NSTimeInterval Patience = 15;
static const NSUInteger Largest = 256 * 1024;

@implementation LanaiFetches

+ (BOOL)isKept
{
    return [NSUserDefaults.standardUserDefaults stringForKey:Kept] != nil;
}

+ (void)begin
{
    [BGTaskScheduler.sharedScheduler registerForTaskWithIdentifier:Task usingQueue:nil launchHandler:^(BGTask *task) {
        [LanaiFetches later];
        // What still comes after its time is up is told to nobody.
        __block BGTask *open = task;
        void (^end)(BOOL) = ^(BOOL well) {
            @synchronized(Task) {
                [open setTaskCompletedWithSuccess:well];
                open = nil;
            }
        };
        task.expirationHandler = ^{
            end(NO);
        };
        [LanaiFetches now:^{
            end(YES);
        }];
    }];
}

+ (void)from:(NSString *)said
{
    [NSUserDefaults.standardUserDefaults setObject:said forKey:Kept];
    [self now:^{
    }];
}

+ (void)later
{
    if (self.isKept) {
        BGAppRefreshTaskRequest *request = [[BGAppRefreshTaskRequest alloc] initWithIdentifier:Task];
        request.earliestBeginDate = [NSDate dateWithTimeIntervalSinceNow:Quarter];
        [BGTaskScheduler.sharedScheduler submitTaskRequest:request error:nil];
    }
}

// Asks once, shows what came, and says that it is there: what was not said to be there is given again the next time.
+ (void)now:(void (^)(void))done
{
    NSArray<NSString *> *said = [[NSUserDefaults.standardUserDefaults stringForKey:Kept] componentsSeparatedByString:@"\n"];
    NSURL *address = said.count == 2 ? [NSURL URLWithString:said.firstObject] : nil;
    NSData *body = [said.lastObject dataUsingEncoding:NSUTF8StringEncoding];
    if (address == nil || body == nil) {
        done();
        return;
    }
    [UNUserNotificationCenter.currentNotificationCenter getNotificationSettingsWithCompletionHandler:^(UNNotificationSettings *settings) {
        if (settings.authorizationStatus != UNAuthorizationStatusAuthorized) {
            // A phone that shows nothing fetches nothing.
            done();
            return;
        }
        [self post:body to:address then:^(NSDictionary *answer) {
            [self show:answer[@"messages"] then:^(NSArray<NSString *> *had) {
                NSMutableDictionary *told = [[NSJSONSerialization JSONObjectWithData:body options:0 error:nil] mutableCopy];
                if (had.count == 0 || told == nil) {
                    done();
                    return;
                }
                told[@"had"] = had;
                [self post:[NSJSONSerialization dataWithJSONObject:told options:0 error:nil] to:address then:^(NSDictionary *rest) {
                    done();
                }];
            }];
        }];
    }];
}

/// Nil where it does not answer, or not as it should.
+ (void)post:(NSData *)body to:(NSURL *)address then:(void (^)(NSDictionary *_Nullable))then
{
    NSMutableURLRequest *request = [NSMutableURLRequest requestWithURL:address cachePolicy:NSURLRequestReloadIgnoringLocalCacheData timeoutInterval:Patience];
    request.HTTPMethod = @"POST";
    request.HTTPBody = body;
    [request setValue:@"application/json" forHTTPHeaderField:@"Content-Type"];
    [[NSURLSession.sharedSession dataTaskWithRequest:request completionHandler:^(NSData *data, NSURLResponse *response, NSError *error) {
        id answer = data == nil || data.length > Largest ? nil : [NSJSONSerialization JSONObjectWithData:data options:0 error:nil];
        then([answer isKindOfClass:[NSDictionary class]] ? answer : nil);
    }] resume];
}

/// Gives the numbers of those that are shown now.
+ (void)show:(id)messages then:(void (^)(NSArray<NSString *> *))then
{
    NSMutableArray<NSString *> *had = [NSMutableArray array];
    if (![messages isKindOfClass:[NSArray class]]) {
        then(had);
        return;
    }
    dispatch_group_t all = dispatch_group_create();
    for (id message in messages) {
        dispatch_group_enter(all);
        [LanaiShows message:message then:^(NSString *_Nullable number) {
            if (number != nil) {
                @synchronized(had) {
                    [had addObject:number];
                }
            }
            dispatch_group_leave(all);
        }];
    }
    dispatch_group_notify(all, dispatch_get_main_queue(), ^{
        then(had);
    });
}

@end
